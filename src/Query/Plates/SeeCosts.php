<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NothingToSee;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\FewerInks;
use Ektype\Core\Method\Spot\PlateCost;
use Ektype\Core\Method\Spot\PlateLoss;
use Ektype\Core\Separation\InkArea;

/** What each plate of a job buys. */
final readonly class SeeCosts
{
    /** So many inks are offered as the base too. */
    private const BASES = 2;

    public function __construct(private Jobs $jobs)
    {
    }

    public function of(int $jobId): Costs
    {
        $job = $this->jobs->whole($jobId);
        $inks = self::inks($job);
        $costs = self::reckoner($job);

        return new Costs(
            array_map(
                static fn (FewerInks $row): CostRow => new CostRow($row->inks, self::becomes($row, $inks), $row->change),
                $costs->ranked(),
            ),
            array_map(
                static fn (PlateLoss $loss, Plate $plate): CostOfPlate => new CostOfPlate($plate->idOrFail(), $loss),
                $costs->each(),
                $inks,
            ),
            $job->spotPlan()->baseFrom === null ? self::bases($costs, $inks) : [],
        );
    }

    /**
     * @param list<Plate> $inks
     *
     * @return list<BaseOffer>
     */
    private static function bases(PlateCost $costs, array $inks): array
    {
        $offers = [];
        foreach ($costs->bases() as $i => $change) {
            $hex = $inks[$i]->artHex;
            if ($hex !== null && \count($offers) < self::BASES) {
                $offers[] = new BaseOffer($inks[$i]->name, $hex, $change);
            }
        }

        return $offers;
    }

    /** @return list<Plate> the plates that carry a colour of the art, in print order */
    public static function inks(Job $job): array
    {
        return array_values(array_filter($job->platesInOrder(), static fn (Plate $p): bool => !$p->isWhiteBase()));
    }

    /** @throws NothingToSee where the job has no plates yet */
    public static function reckoner(Job $job): PlateCost
    {
        $inks = self::inks($job);
        if ($inks === []) {
            throw NothingToSee::because('The job has no plates yet. Separate its art first.');
        }

        return new PlateCost(
            array_map(static fn (Plate $p): InkArea => new InkArea($p->name, $p->printedIn(), $p->artAreaCm2), $inks),
            Srgb::fromHex($job->garmentHex),
            \count($inks) < \count($job->platesInOrder()),
        );
    }

    /**
     * @param list<Plate> $inks
     *
     * @return list<Becomes>
     */
    private static function becomes(FewerInks $row, array $inks): array
    {
        return array_map(
            static fn (int $i, ?int $into): Becomes => new Becomes(
                $inks[$i]->name,
                $inks[$i]->artHex,
                $into === null ? null : $inks[$into]->name,
                $into === null ? null : $inks[$into]->artHex,
                $row->tones[$i] ?? null,
            ),
            array_keys($row->becomes),
            $row->becomes,
        );
    }
}
