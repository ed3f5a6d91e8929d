<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Pictures\ToneMap;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Choice\Holding;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Method\Spot\RegisterBudget;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Trap;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Separation\MethodName;

/** The bench of the plates. */
final readonly class SeePlates
{
    public function __construct(private Moment $moment, private ToneMap $tones)
    {
    }

    public function of(int $jobId): PlatesBench
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId): PlatesBench {
            $job = $shop->shelves->jobs->whole($jobId);
            $book = new ScreenBook($job, $shop);
            $plan = $job->spotPlan();
            $found = $job->findings();
            $budget = $found->budget ?? [];

            return new PlatesBench(
                PrintOrder::SCHOOL,
                Trap::figure($plan->trapMm, $job->press?->registerSigmaMm, $job->press->name ?? ''),
                $plan->chokeMm,
                $plan->baseFrom,
                $budget === [] ? null : RegisterBudget::figure($budget),
                $budget,
                thinBase: $found->thinBase ?? [],
                witnesses: $found->witnesses ?? [],
                toleranceSet: $job->toleranceSet,
                plates: array_map(
                    fn (Plate $p, int $i): PlateOnBench => $this->plate($p, $i, $book, $plan),
                    $book->plates,
                    array_keys($book->plates),
                ),
                method: $job->method() ?? MethodName::usual(),
                carries: ($job->method() ?? MethodName::usual())->carries(),
            );
        });
    }

    private function plate(Plate $plate, int $i, ScreenBook $book, SpotPlan $plan): PlateOnBench
    {
        $mesh = $book->mesh($i);

        return new PlateOnBench(
            $plate->idOrFail(),
            $plate->ink === null ? null : Ciede2000::between(Lab::of($plate->printedIn()), $plate->lab()),
            $plate->artAreaCm2,
            $plate->overprints,
            $mesh->name,
            new Holding(
                $mesh,
                $book->job->filmProfile()->dpi,
                $plate->finestLineMm,
                $plate->finestGapMm,
                $plate->thinLines(),
                $plate->thinGaps(),
                canThicken: $plate->artHex !== null,
            ),
            thickenedToMm: $plate->artHex === null ? null : $plan->colours->thicken[$plate->artHex] ?? null,
            dots: $this->tones->onMesh($plate, $mesh),
        );
    }
}
