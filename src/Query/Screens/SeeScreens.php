<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\BestFrames;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Choice\FrameCost;
use Ektype\Core\Choice\LeftOut;
use Ektype\Core\Choice\RackRow;

/** The bench of the screens, and the rack as a plate or the whole job sees it. */
final readonly class SeeScreens
{
    private const SHOWN_MESHES = 5;
    private const SHOWN_FRAMES = 14;

    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): ScreensBench
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): ScreensBench {
            $book = new ScreenBook($shop->shelves->jobs->whole($jobId), $shop);

            return new ScreensBench(
                array_map(
                    static fn (Plate $p, int $i): ScreenOfPlate => self::plate($p, $i, $book, $shop),
                    $book->plates,
                    array_keys($book->plates),
                ),
            );
        });
    }

    /** The frames of the rack that can be taken for a plate, best first, and why the others cannot. */
    public function frames(int $plateId): FramesForPlate
    {
        return $this->moment->see(static function (Snapshot $shop) use ($plateId): FramesForPlate {
            $plate = $shop->shelves->plates->get($plateId);
            $book = new ScreenBook($plate->job, $shop);
            $taken = [];
            foreach ($shop->held() as $holder) {
                if ($holder->frame !== null && $holder !== $plate) {
                    $taken[$holder->frame->idOrFail()] = $holder->name.($holder->job === $plate->job ? '' : ' of '.$holder->job->name);
                }
            }
            $asks = $book->asks($plate);
            $print = BestFrames::print($plate->job);
            $advised = $shop->setFor($plate->job)->frameFor($plate);
            $frames = [];
            $left = [];
            foreach ($shop->frames() as $f) {
                $holder = $taken[$f->idOrFail()] ?? '';
                $cost = FrameCost::of($asks, BestFrames::offered($f, $holder, $shop->now), $print);
                if ($cost->obstacles === [] || $f === $plate->frame || $f === $advised) {
                    $frames[] = self::frame($f, $holder, $cost, $f === $advised);
                } else {
                    $left[] = LeftOut::reason($holder, $cost->obstacles);
                }
            }
            usort(
                $frames,
                static fn (FrameForPlate $a, FrameForPlate $b): int => [
                    $a->free->obstacles !== [],
                    !$a->judged->advised,
                    $a->judged->cost,
                ] <=> [$b->free->obstacles !== [], !$b->judged->advised, $b->judged->cost],
            );
            $more = \array_slice($frames, self::SHOWN_FRAMES);

            return new FramesForPlate(
                \array_slice($frames, 0, self::SHOWN_FRAMES),
                LeftOut::says([...array_fill(0, \count($more), 'free, but suited worse than these'), ...$left]),
            );
        });
    }

    /** The best set of frames for a job, before it is taken. */
    public function set(int $jobId): FrameSet
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): FrameSet {
            $set = $shop->setFor($shop->shelves->jobs->whole($jobId));

            return new FrameSet(
                array_map(
                    static fn (Plate $p, RackRow $row): FrameOfSet => new FrameOfSet($p->idOrFail(), $row),
                    $set->plates,
                    $set->choice->plates,
                ),
                round($set->choice->tensionSpreadNPerCm, 2),
                $set->choice->missing,
            );
        });
    }

    private static function plate(Plate $plate, int $i, ScreenBook $book, Snapshot $shop): ScreenOfPlate
    {
        $on = $shop->stencilOf($plate);
        $mesh = $book->mesh($i);

        return new ScreenOfPlate(
            id: $plate->idOrFail(),
            mesh: $book->meshFigure($i),
            stencilOf: new StencilOfScreen(
                stencil: $book->stencilFigure($i),
                coat: $shop->stencilBook()->coat($plate, $mesh),
                stencilNow: $on === null ? null : $shop->stencilBook()->now($on),
                gaugedEomUm: $on?->gaugedEomUm,
            ),
            meshGeometry: $mesh,
            frame: new FrameOfScreen(
                meshes: \array_slice($book->ranked($plate), 0, self::SHOWN_MESHES),
                placement: $book->placement($plate),
                frameState: $plate->frame?->state,
                frameFirst: $book->first($plate),
            ),
            detail: new DetailOfScreen(
                finestLineMm: $plate->finestLineMm,
                finestGapMm: $plate->finestGapMm,
                lpi: $plate->lpi,
                angleDeg: $plate->angleDeg,
                tones: $plate->tones(),
            ),
            depositUm: $plate->depositUm,
            price: $book->advice($i)->price(),
        );
    }

    private static function frame(Frame $frame, string $takenBy, FrameCost $cost, bool $advised): FrameForPlate
    {
        return new FrameForPlate(
            id: $frame->idOrFail(),
            label: $frame->label,
            mesh: $frame->mesh()->name,
            threadsPerCm: $frame->threadsPerCm,
            tensionNPerCm: $frame->tensionNPerCm,
            state: $frame->state,
            judged: new FrameJudged(
                fits: $cost->placement->fits,
                holds: $cost->mesh->holds,
                advised: $advised,
                why: trim($cost->mesh->price().' '.$cost->mesh->why).' '.$cost->placement->sentence.\sprintf(' Tension %.1f N/cm.', $frame->tensionNPerCm),
                cost: $cost->cost,
            ),
            free: new FrameFree(
                takenBy: $takenBy,
                first: $frame->state->first(),
                obstacles: $cost->obstacles,
            ),
        );
    }
}
