<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Index\IndexPlan;
use Ektype\Core\Layers\LayersPlan;
use Ektype\Core\Mix\AngleSchool;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\LayerEdge;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\ProcessPlan;
use Ektype\Core\Mix\SimulatedPlan;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Tone\TonalPlan;

/** What was decided for a picture in many inks, for the bench of the art. */
final readonly class MixBench
{
    /**
     * @param list<int>|null    $inks       of the shelf; null where they are chosen by the picture
     * @param int|null          $screens    that were asked for; null for as many as are worth it
     * @param list<int>         $locked
     * @param list<int>         $forbidden
     * @param BaseWay|null      $base       null goes by the garment
     * @param float|null        $squaresDpi of an index print
     * @param float|null        $black      share of the grey that black takes, %
     * @param float|null        $total      ink together at the most, %
     * @param list<HalfToneOf>  $halves     of the plates that were bent
     * @param list<string>|null $tints      #rrggbb, in print order; null where they are proposed
     * @param string|null       $profile    name of the ICC profile that four-colour process goes by
     */
    private function __construct(
        public ?array $inks,
        public ?int $screens,
        public array $locked,
        public array $forbidden,
        public ?BaseWay $base,
        public bool $highlight,
        public ?OrderSchool $order,
        public ?float $squaresDpi,
        public ?Diffusion $diffusion,
        public ?AngleSchool $angles,
        public ?float $black,
        public ?float $total,
        public ?int $layers,
        public ?array $tints,
        public ?LayerEdge $edge,
        public ?Laying $laying,
        public array $halves,
        public ?string $profile,
    ) {
    }

    /** null for a method of one ink or two */
    public static function of(TonalPlan $plan): ?self
    {
        $wish = $plan instanceof MixPlan ? $plan->inks() : null;
        $process = $plan instanceof ProcessPlan ? $plan : null;
        $index = $plan instanceof IndexPlan ? $plan : null;
        $layers = $plan instanceof LayersPlan ? $plan : null;
        if ($wish === null && $process === null && $layers === null) {
            return null;
        }
        $hexes = [];
        foreach ($layers->tints ?? [] as $tint) {
            $hexes[] = $tint->hex();
        }

        return new self(
            $wish?->inks,
            $wish?->screens,
            $wish->locked ?? [],
            $wish->forbidden ?? [],
            $wish->base ?? $process?->base,
            $wish->highlight ?? false,
            $plan instanceof SimulatedPlan ? $plan->order : null,
            $index?->squaresDpi,
            $index?->diffusion,
            $process?->angles,
            $process === null ? null : round(100 * $process->black),
            $process === null ? null : round(100 * $process->total),
            $layers?->layers,
            $layers?->tints === null ? null : $hexes,
            $layers?->edge,
            $plan instanceof SimulatedPlan ? $plan->laying : null,
            self::halves($plan),
            $process?->profile?->name,
        );
    }

    /** @return list<HalfToneOf> */
    private static function halves(TonalPlan $plan): array
    {
        $halves = $plan instanceof SimulatedPlan || $plan instanceof ProcessPlan ? $plan->curves->halves : [];

        return array_map(static fn (string $ink, float $prints): HalfToneOf => new HalfToneOf($ink, $prints), array_keys($halves), array_values($halves));
    }
}
