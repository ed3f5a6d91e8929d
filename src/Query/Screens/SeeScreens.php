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

    /** @return list<FrameForPlate> the frames of the rack for a plate: those that can be taken first, best first */
    public function frames(int $plateId): array
    {
        return $this->moment->see(static function (Snapshot $shop) use ($plateId): array {
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
            $frames = array_map(
                static fn (Frame $f): FrameForPlate => self::frame(
                    $f,
                    $taken[$f->idOrFail()] ?? '',
                    FrameCost::of($asks, BestFrames::offered($f, $taken[$f->idOrFail()] ?? '', $shop->now), $print),
                ),
                $shop->frames(),
            );
            usort(
                $frames,
                static fn (FrameForPlate $a, FrameForPlate $b): int => [
                    $a->obstacles !== [],
                    $a->cost,
                ] <=> [$b->obstacles !== [], $b->cost],
            );

            return \array_slice($frames, 0, self::SHOWN_FRAMES);
        });
    }

    /** The best set of frames for a job, before it is taken. */
    public function set(int $jobId): FrameSet
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): FrameSet {
            $set = BestFrames::of(
                $shop->shelves->jobs->whole($jobId),
                $shop->frames(),
                $shop->held(),
                $shop->stencils(),
                $shop->room()->rulingDivisor,
                $shop->now,
            );

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
            $plate->idOrFail(),
            $book->meshFigure($i),
            $book->stencilFigure($i),
            $mesh,
            \array_slice($book->ranked($plate), 0, self::SHOWN_MESHES),
            $book->placement($plate),
            $plate->frame?->state,
            $book->first($plate),
            $shop->stencilBook()->coat($plate, $mesh),
            $on === null ? null : $shop->stencilBook()->now($on),
            $on?->gaugedEomUm,
            $plate->finestLineMm,
            $plate->finestGapMm,
            $plate->lpi,
            $plate->angleDeg,
            $plate->tones(),
            $plate->depositUm,
        );
    }

    private static function frame(Frame $frame, string $takenBy, FrameCost $cost): FrameForPlate
    {
        return new FrameForPlate(
            $frame->idOrFail(),
            $frame->label,
            $frame->mesh()->name,
            $frame->threadsPerCm,
            $frame->tensionNPerCm,
            $frame->state,
            $cost->placement->fits,
            $cost->mesh->holds,
            $cost->mesh->why.' '.$cost->placement->sentence.\sprintf(' Tension %.1f N/cm.', $frame->tensionNPerCm),
            $takenBy,
            $frame->state->first(),
            $cost->obstacles,
            $cost->cost,
        );
    }
}
