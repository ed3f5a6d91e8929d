<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\NormalCurve;
use Ektype\Core\Mesh\Mesh;

/**
 * Emulsion over mesh from the way a screen is coated, corrected by the shop's own gauge.
 *
 * A coat leaves a wet film in proportion to the opening it is pressed through (heuristic: 0.17 of it with the sharp
 * edge, 0.26 with the round one); coats on the squeegee side push emulsion through to the print side and build a fifth
 * more there. Dried, the share of its solids is left. Each emulsion, each edge and the shop's hand get a factor, normal in its
 * logarithm, that gauge readings make surer.
 */
final readonly class StencilModel
{
    private const WET_SHARE_SHARP = 0.17;
    private const WET_SHARE_ROUND = 0.26;
    private const SQUEEGEE_SIDE = 1.2;
    private const DRIED_BETWEEN = 1.25;
    /** Share of a capillary film that stays over the mesh; the rest sinks into it (heuristic). */
    private const FILM_STAYS = 0.7;
    /** Coats on the print side until the squeegee side shines evenly (heuristic). */
    public const UNTIL_IT_SHINES = 2;
    /** Priors of the factors, standard deviation of the logarithm (heuristic). */
    private const EMULSION_SD = 0.25;
    private const EDGE_SD = 0.15;
    private const HAND_SD = 0.2;
    /** From screen to screen, and of the gauge, of the logarithm (heuristic). */
    private const SCATTER_SD = 0.1;

    /** Trough and pot keep a quarter more (heuristic). */
    private const WITH_TROUGH = 1.25;
    /** A reading this far off the others, of the logarithm, is no coat: 1.6 times; alone, three times (heuristic). */
    private const WILD_AMONG_OTHERS = 0.47;
    private const WILD_ALONE = 1.1;
    private const ENOUGH_TO_JUDGE = 4;

    private LinearBelief $belief;
    private int $restsOn;
    /** @var array<string, list<float>> by emulsion, µm */
    private array $leftOut;

    /**
     * @param list<GaugedCoating> $readings
     * @param list<string>        $emulsions others that will be asked about
     *
     * @throws UnusableGauge where a reading cannot be
     */
    public function __construct(array $readings, array $emulsions = [])
    {
        $priors = ['hand' => [0.0, self::HAND_SD]];
        foreach ([Edge::Sharp->value, Edge::Round->value, 'film'] as $edge) {
            $priors['edge '.$edge] = [0.0, self::EDGE_SD];
        }
        foreach ([...$emulsions, ...array_map(static fn (GaugedCoating $r): string => $r->coating->emulsion, $readings)] as $emulsion) {
            $priors['emulsion '.$emulsion] = [0.0, self::EMULSION_SD];
        }
        $this->belief = new LinearBelief($priors);
        foreach ($readings as $i => $reading) {
            if ($reading->eomUm <= 0 || $reading->eomUm > 400) {
                throw UnusableGauge::at("readings[$i].eom", \sprintf('A gauge reading of %.1f µm cannot be emulsion over mesh; 2 to 100 µm is usual. Zero the gauge on the bare mesh and read again.', $reading->eomUm));
            }
        }
        $wild = self::wild($readings);
        $leftOut = [];
        $this->restsOn = \count($readings) - \count($wild);
        foreach ($readings as $i => $reading) {
            [$of, $eom] = [$reading->coating, $reading->eomUm];
            if (\in_array($i, $wild, true)) {
                $leftOut[$of->emulsion][] = $eom;
                continue;
            }
            $this->belief->observe(self::terms($of), log($eom / self::built($of)), self::SCATTER_SD);
        }
        $this->leftOut = $leftOut;
    }

    /**
     * @param list<GaugedCoating> $readings
     *
     * @throws UnusableGauge where a reading cannot be
     */
    public static function predict(Coating $coating, array $readings = []): PredictedStencil
    {
        return (new self($readings, [$coating->emulsion]))->told($coating);
    }

    /** What a coating makes; its emulsion is one that was named or gauged. */
    public function told(Coating $coating): PredictedStencil
    {
        $told = $this->belief->predict(self::terms($coating));
        $spread = sqrt($told['sd'] ** 2 + self::SCATTER_SD ** 2);
        $eom = self::built($coating) * exp($told['mean']);

        return new PredictedStencil(
            $eom,
            $eom * exp(-NormalCurve::NINETY * $spread),
            $eom * exp(NormalCurve::NINETY * $spread),
            $coating->mesh->thicknessUm + $eom,
            100 * $eom / $coating->mesh->thicknessUm,
            $this->restsOn,
            leftOut: $this->leftOut[$coating->emulsion] ?? [],
        );
    }

    /** Before any correction, µm. */
    public static function built(Coating $c): float
    {
        if ($c->filmUm !== null) {
            return self::FILM_STAYS * $c->filmUm;
        }
        $coat = ($c->edge === Edge::Sharp ? self::WET_SHARE_SHARP : self::WET_SHARE_ROUND) * $c->mesh->openingUm * $c->solidsPct / 100;

        return $coat * ($c->printCoats + self::SQUEEGEE_SIDE * $c->squeegeeCoats) * ($c->driedBetween ? self::DRIED_BETWEEN : 1.0);
    }

    /**
     * The fewest coats that reach the target on this mesh, print side first, the edge by the school.
     *
     * @param int|null $printCoats where the print side is coated until it shines: as many as that takes; null counts
     */
    public function recipe(Coating $like, float $sharpFromPerInch = Coating::SHARP_FROM_PER_INCH, ?int $printCoats = null): Coating
    {
        if ($like->filmUm !== null) {
            return $like;
        }
        $target = StencilTarget::on($like->mesh);
        $best = null;
        $least = \INF;
        $recipes = $printCoats === null ? [
            [1, 1],
            [1, 2],
            [2, 1],
            [2, 2],
            [2, 3],
            [3, 3],
        ] : [[$printCoats, 1], [$printCoats, 2], [$printCoats, 3]];
        foreach ($recipes as [$print, $squeegee]) {
            $recipe = new Coating(
                $like->mesh,
                Coating::edgeFor($like->mesh, $sharpFromPerInch),
                $print,
                $squeegee,
                $like->solidsPct,
                $like->emulsion,
            );
            $off = abs(log($this->told($recipe)->eomUm / $target->eomUm)) + 0.02 * ($print + $squeegee);
            if ($off < $least) {
                $least = $off;
                $best = $recipe;
            }
        }

        return $best ?? $like;
    }

    /**
     * What is left when it is dry: the voids of the fabric filled, and the emulsion over mesh on top, µm.
     *
     * @param float|null $eomUm as told or gauged; null takes the formula’s
     */
    public static function dryUm(Coating $c, ?float $eomUm = null): float
    {
        return $c->filmUm ?? $c->mesh->voidsUm() + ($eomUm ?? self::built($c));
    }

    /** What is laid on, µm, which is also ml/m²: dry ÷ solids by volume. A capillary film is laid as it is. */
    public static function wetUm(Coating $c, ?float $eomUm = null): float
    {
        return $c->filmUm ?? self::dryUm($c, $eomUm) / ($c->solidsPct / 100);
    }

    /** What has to leave it, µm of water: wet less dry. A capillary film is dry; the mesh under it was wetted to take it. */
    public static function waterUm(Coating $c, ?float $eomUm = null): float
    {
        return $c->filmUm !== null ? $c->mesh->voidsUm() : self::wetUm($c, $eomUm) - self::dryUm($c, $eomUm);
    }

    /**
     * Whether the stencil levels the weave: under an eighth of a thread it follows it and prints saw-toothed edges, from a
     * quarter on it is smooth (heuristic).
     */
    public static function roughness(Mesh $mesh, float $eomUm): string
    {
        $share = $eomUm / $mesh->threadUm;

        return match (true) {
            $share < 0.125 => \sprintf('Rough: %.0f µm over a thread of %g µm follow the weave, edges come out saw-toothed. Dry, then add coats on the print side.', $eomUm, $mesh->threadUm),
            $share < 0.25 => \sprintf(
                'Fair: %.0f µm level most of a thread of %g µm. For the finest edges dry it and add a coat on the print side.',
                $eomUm,
                $mesh->threadUm,
            ),
            default => \sprintf('Smooth: %.0f µm level a thread of %g µm.', $eomUm, $mesh->threadUm),
        };
    }

    /** Emulsion for one side of a frame and all its coats, ml: what stays on the screen and a share for the trough (heuristic: a quarter more). */
    public static function emulsionMl(Coating $c, float $insideWidthMm, float $insideHeightMm, ?float $eomUm = null): float
    {
        return $c->filmUm !== null ? 0.0 : self::WITH_TROUGH * $insideWidthMm * $insideHeightMm / 1e6 * self::wetUm($c, $eomUm);
    }

    /**
     * Which readings cannot be true beside the others: a gauge that slipped, or was not set to zero. From four of a kind on
     * they are held against their median, before that against what any shop gets.
     *
     * @param list<GaugedCoating> $readings
     *
     * @return list<int>
     */
    private static function wild(array $readings): array
    {
        $of = [];
        foreach ($readings as $i => $reading) {
            $c = $reading->coating;
            $of[$c->emulsion.($c->filmUm === null ? $c->edge->value : 'film')][$i] = log($reading->eomUm / self::built($c));
        }
        $wild = [];
        foreach ($of as $shares) {
            $sorted = array_values($shares);
            sort($sorted);
            $known = \count($sorted) >= self::ENOUGH_TO_JUDGE;
            $middle = $known ? $sorted[intdiv(\count($sorted), 2)] : 0.0;
            foreach ($shares as $i => $share) {
                if (abs($share - $middle) > ($known ? self::WILD_AMONG_OTHERS : self::WILD_ALONE)) {
                    $wild[] = $i;
                }
            }
        }

        return $wild;
    }

    /** @return array<string, float> */
    private static function terms(Coating $c): array
    {
        return ['hand' => 1.0, 'emulsion '.$c->emulsion => 1.0, 'edge '.($c->filmUm === null ? $c->edge->value : 'film') => 1.0];
    }
}
