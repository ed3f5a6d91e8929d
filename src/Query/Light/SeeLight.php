<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Shelves\StepTestOnShelf;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\StepTest\StepTest;

/** The bench of the light. */
final readonly class SeeLight
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): LightBench
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): LightBench {
            $job = $shop->shelves->jobs->whole($jobId);
            $book = new ScreenBook($job, $shop);
            $tests = array_filter(
                $shop->tests(),
                static fn (StepTest $t): bool => $t->lamp === $job->lamp && $t->emulsion === $job->emulsion,
            );
            usort($tests, static fn (StepTest $a, StepTest $b): int => [$b->doneOn, $b->id] <=> [$a->doneOn, $a->id]);

            return new LightBench(
                $job->lamp->name ?? '',
                $job->emulsion->name ?? '',
                array_map(StepTestOnShelf::of(...), $tests),
                array_map(
                    static fn (Plate $p, int $i): LightOfPlate => self::plate($p, $i, $book, $shop),
                    $book->plates,
                    array_keys($book->plates),
                ),
            );
        });
    }

    private static function plate(Plate $plate, int $i, ScreenBook $book, Snapshot $shop): LightOfPlate
    {
        $on = $shop->stencilOf($plate);
        $mesh = $book->mesh($i);

        return new LightOfPlate(
            $plate->idOrFail(),
            $book->lightFigure($i),
            $mesh,
            $mesh->thicknessUm + $shop->stencilBook()->eomUm($plate, $mesh),
            $book->placement($plate),
            $on === null ? null : $shop->stencilBook()->now($on),
            $plate->beforeLight(),
            $on?->seen(),
        );
    }
}
