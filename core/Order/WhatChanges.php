<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\NearCloth;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Print\PrintPlan;

/**
 * What a garment of another colour changes in a print whose screens are made: whether the base is left out, which ink would
 * not be seen, and how the rest is printed on it.
 */
final class WhatChanges
{
    /** @param JobToPrint $job on the garment that its plates were drawn for */
    public static function on(GarmentLine $line, JobToPrint $job): LineChange
    {
        $garment = $line->lab();
        $leftOut = $says = [];
        foreach ($job->plates as $plate) {
            if ($plate->drawn->carries && (Garment::isLight($garment) || self::needing($job->plates, $garment) === [])) {
                $leftOut[$plate->id] = true;
                $says[] = \sprintf('Without the base: the screen of %s stays up and nothing is flashed after it.', $plate->name);
            } elseif (!$plate->drawn->carries && NearCloth::isUnseen($plate->ink->printed, $garment)) {
                $leftOut[$plate->id] = true;
                $says[] = \sprintf('%s is the colour of the cloth: leave its screen up, the cloth shows instead.', $plate->name);
            }
        }
        $printed = array_values(array_filter($job->plates, static fn (PlateToPrint $p): bool => !isset($leftOut[$p->id])));
        $needing = self::needing($printed, $garment);
        $hasBase = array_filter($job->plates, static fn (PlateToPrint $p): bool => $p->role === PlateRole::Base && $p->drawn->carries) !== [];
        // A job that did without a base where it needed one already wanted it so.
        if ($job->cloth->substrate->drinksInk() && !$hasBase && $needing !== [] && self::needing($job->plates, $job->cloth->colour) === []) {
            $says[] = \sprintf(
                '%s on this cloth %s a base, and this job has none: copy the job for this garment, and its plates are drawn with one.',
                implode(', ', array_map(static fn (PlateToPrint $p): string => $p->name, $needing)),
                \count($needing) === 1 ? 'needs' : 'need',
            );
        }
        $pieces = $line->pieces();
        $plan = $printed === [] ? null : PrintLaw::of($job->on($job->cloth->dyed($garment), $printed, $pieces));

        return new LineChange($pieces, array_keys($leftOut), [...$says, ...$plan === null ? [] : self::strokes($plan, $job, $printed)], $plan);
    }

    /**
     * @param list<PlateToPrint> $printed
     *
     * @return list<string> what is laid otherwise on it than on the garment that the plates were drawn for
     */
    private static function strokes(PrintPlan $plan, JobToPrint $job, array $printed): array
    {
        $says = [];
        foreach ($printed as $plate) {
            $here = $plan->of($plate->id)?->laying;
            if ($here !== null && $here !== PrintLaw::laying($plate->role, $job->cloth, $plate->solvedFor, $plate->byHand->laying ?? $plate->before->laying)) {
                $says[] = \sprintf('%s: %s on this garment.', $plate->name, $here->value);
            }
        }

        return $says;
    }

    /**
     * @param list<PlateToPrint> $plates
     *
     * @return list<PlateToPrint> whose ink would not show on it without a base
     */
    private static function needing(array $plates, Lab $garment): array
    {
        return array_values(array_filter($plates, static fn (PlateToPrint $p): bool => !$p->drawn->carries && Garment::needsBase($p->ink->printed, $garment)));
    }
}
