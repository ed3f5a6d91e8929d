<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Query\Job\WhatIsOld;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NothingToSee;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Work\Picture\ProofPage;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\SizeCount;
use Psr\Clock\ClockInterface;

/** The page on which a customer says yes: what will be printed, before a screen is made. */
final readonly class ProofSheet
{
    public function __construct(private Jobs $jobs, private Pull $pull, private ClockInterface $clock)
    {
    }

    /** @throws NothingToSee where the job has no plates yet */
    public function pdf(int $jobId): string
    {
        $job = $this->jobs->whole($jobId);
        $plates = $job->platesInOrder();
        if ($job->separationPath === null || $plates === []) {
            throw NothingToSee::because('There is nothing to show a customer yet: separate the art first.');
        }
        $page = new ProofPage('Proof of '.$job->name);
        $page->head($job->name, implode(', ', array_filter([
            'Proof of '.$this->clock->now()->format('j F Y'),
            $job->customer === '' ? '' : 'for '.$job->customer,
        ], static fn (string $part): bool => $part !== '')));
        if (WhatIsOld::proof($job) !== '') {
            $page->small(WhatIsOld::proof($job));
        }
        $png = tempnam(sys_get_temp_dir(), 'ektype').'.png';
        try {
            file_put_contents($png, $this->pull->onCloth($job, \count($plates)));
            $scale = $page->picture($png, $job->widthMm, $job->heightMm(), $job->garmentHex);
        } finally {
            @unlink($png);
            @unlink(substr($png, 0, -4));
        }
        $page->small(\sprintf(
            '%s Screens and paper show colours differently from ink on cloth: a printed sample decides.',
            $scale > 0.999 ? 'Shown true to size.' : \sprintf('Shown at %.0f %% of its size.', 100 * $scale),
        ));
        $page->fact('Size', \sprintf('%.0f × %.0f mm (%.1f × %.1f in)', $job->widthMm, $job->heightMm(), $job->widthMm / 25.4, $job->heightMm() / 25.4));
        $page->fact('Place', $job->place.($job->acrossMm === 0.0 && $job->dropMm === 0.0 ? '' : \sprintf(', %.0f mm right, %.0f mm down of its usual place', $job->acrossMm, $job->dropMm)));
        foreach (self::garments($job) as $i => $garment) {
            $page->fact($i === 0 ? 'Printed on' : '', $garment);
        }
        if ($job->dueOn !== null) {
            $page->fact('Due', (new \DateTimeImmutable($job->dueOn))->format('j F Y'));
        }
        $page->inks(array_map(static fn (Plate $p): array => [$p->printedIn()->hex(), $p->ink->name ?? $p->name], $plates));
        $page->sign();

        return $page->bytes();
    }

    /** @return list<string> */
    private static function garments(Job $job): array
    {
        $lines = $job->lines();
        if ($lines === []) {
            return [trim(($job->quantity > 0 ? $job->quantity.' ' : '').$job->substrate->value.' '.$job->garment.', '.$job->cloth(), ', ')];
        }

        return array_map(static fn (GarmentLine $line): string => \sprintf(
            '%d %s, %s: %s',
            $line->pieces(),
            $line->garment,
            $line->cloth(),
            implode(', ', array_map(
                static fn (SizeCount $s): string => $s->pieces.' '.$s->size,
                array_values(array_filter($line->sizes, static fn (SizeCount $s): bool => $s->pieces > 0)),
            )),
        ), $lines);
    }
}
