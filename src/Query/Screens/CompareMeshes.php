<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\PlateOnMesh;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Reckoning\TimeOfScreen;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\RankedMesh;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Exposure\LightFigure;
use Ektype\Core\Ink\Deposit;
use Ektype\Core\Ink\DepositFigure;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Separation\PulledPrint;

/** What changes when a plate's mesh changes: ink, grams for the run, light and cover. */
final readonly class CompareMeshes
{
    private const BEST = 6;
    private const RACK_TO = 12;

    public function __construct(private Moment $moment)
    {
    }

    /** @return list<OnMesh> coarse to fine: the mesh at hand, the best, and those of the rack that hold the plate */
    public function for(int $plateId): array
    {
        return $this->moment->see(static function (Snapshot $shop) use ($plateId): array {
            $plate = $shop->shelves->plates->get($plateId);
            $book = new ScreenBook($plate->job, $shop);
            $here = $book->meshOf($plate);
            $inRack = array_count_values(array_map(static fn ($frame): string => $frame->mesh()->name, $shop->frames()));
            $shown = self::shown($book, $plate, $here, $inRack);
            // Another mesh is another stencil: what was gauged on this one is left aside.
            $times = $shop->lightBook()->times(
                $plate->job,
                array_map(static fn (RankedMesh $r): PlateOnMesh => new PlateOnMesh($plate, $r->mesh), array_values($shown)),
            );
            $rows = [];
            foreach (array_keys($shown) as $i => $rank) {
                $one = $shown[$rank];
                $rows[] = self::row(
                    $plate,
                    $one,
                    $rank,
                    $here,
                    $inRack[$one->mesh->name] ?? 0,
                    $times[$i] ?? null,
                    eomUm: $shop->stencilBook()->eomUm($plate, $one->mesh),
                    pieces: $book->piecesOf($plate),
                );
            }
            usort(
                $rows,
                static fn (OnMesh $a, OnMesh $b): int => [
                    $a->mesh->threadsPerCm,
                    $a->mesh->threadUm,
                ] <=> [$b->mesh->threadsPerCm, $b->mesh->threadUm],
            );

            return $rows;
        });
    }

    /**
     * @param array<string, int> $inRack
     *
     * @return array<int, RankedMesh> by rank, 1 is best
     */
    private static function shown(ScreenBook $book, Plate $plate, Mesh $here, array $inRack): array
    {
        $all = MeshSuggestion::rank(
            $book->asks($plate),
            [$here, ...array_map(static fn (RankedMesh $r): Mesh => $r->mesh, $book->ranked($plate))],
        );
        $shown = [];
        $names = [];
        foreach ($all as $i => $one) {
            $name = $one->mesh->name;
            $atHand = $name === $here->name;
            if (!isset($names[$name]) && (\count($shown) < self::BEST || $atHand || ($one->holds && isset($inRack[$name]) && $i < self::RACK_TO))) {
                $names[$name] = true;
                $shown[$i + 1] = $atHand ? new RankedMesh($here, $one->cost, $one->holds, $one->why) : $one;
            }
        }

        return $shown;
    }

    private static function row(
        Plate $plate,
        RankedMesh $one,
        int $rank,
        Mesh $here,
        int $inRack,
        ?TimeOfScreen $time,
        float $eomUm,
        int $pieces,
    ): OnMesh {
        $job = $plate->job;
        $deposit = new Deposit(
            $one->mesh,
            $plate->ink->kind ?? InkKind::Plastisol,
            $plate->laid(),
            $eomUm,
        );
        $told = $plate->ink->hiding ?? Hiding::USUAL;
        $hiding = $deposit->hiding($told) * (1 - PulledPrint::sinks($job->substrate));
        $seen = (new PrintedLayers())->over(Srgb::fromHex($job->garmentHex), [new LaidInk($plate->printedIn(), 1.0, $hiding)]);
        $tones = $plate->lpi === null ? null : ToneRange::on($one->mesh, $plate->lpi);

        return new OnMesh(
            $one->mesh,
            $one->mesh->name === $here->name,
            $inRack,
            $rank,
            $one->holds,
            $one->why,
            wet: DepositFigure::wet($deposit, $one->mesh),
            grams: DepositFigure::grams($deposit, $plate->areaCm2, $pieces),
            light: LightFigure::onMesh($time?->time, $one->mesh->thicknessUm + $eomUm, $one->mesh->dyed, $time->source ?? ''),
            hidingPct: DepositFigure::hiding(
                $hiding,
                $plate->ink->name ?? 'the ink',
                $told,
                $job->cloth(),
                Ciede2000::between(Lab::of($seen), Lab::of($plate->printedIn())),
            ),
            hex: $seen->hex(),
            tones: $tones === null ? '' : ($tones->holdsAny() ? \sprintf('%.0f–%.0f %%', 100 * $tones->lightest, 100 * $tones->darkest) : 'none'),
        );
    }
}
