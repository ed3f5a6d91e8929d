<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\NearCloth;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Press\CycleTime;

/**
 * What a garment of another colour changes in a print whose screens are made: whether the base is left out, which ink would
 * not be seen, how long a piece takes and how much ink the line needs.
 */
final class WhatChanges
{
    /**
     * @param list<PlateOfOrder> $plates    in print order
     * @param Lab                $separated the garment that the plates were drawn for
     * @param bool               $drinksInk whether the cloth takes ink in, so that light ink on dark needs a base
     */
    public static function on(GarmentLine $line, array $plates, Lab $separated, bool $drinksInk): LineChange
    {
        $garment = $line->lab();
        $says = [];
        $leftOut = [];
        $hasBase = false;
        foreach ($plates as $plate) {
            $hasBase = $hasBase || $plate->isWhiteBase;
        }
        foreach ($plates as $plate) {
            if ($plate->isWhiteBase && (Garment::isLight($garment) || !self::someNeedBase($plates, $garment))) {
                $leftOut[] = $plate->name;
                $says[] = \sprintf('Without the base: the screen of %s stays up and nothing is flashed after it.', $plate->name);
            } elseif (!$plate->isWhiteBase && NearCloth::isUnseen($plate->ink, $garment)) {
                $leftOut[] = $plate->name;
                $says[] = \sprintf('%s is the colour of the cloth: leave its screen up, the cloth shows instead.', $plate->name);
            }
        }
        $needing = array_values(array_filter(
            $plates,
            static fn (PlateOfOrder $p): bool => !$p->isWhiteBase && !\in_array($p->name, $leftOut, true) && Garment::needsBase($p->ink, $garment),
        ));
        // A job that did without a base where it needed one already wanted it so.
        if ($drinksInk && !$hasBase && $needing !== [] && !self::someNeedBase($plates, $separated)) {
            $says[] = \sprintf(
                '%s on this cloth %s a base, and this job has none: copy the job for this garment, and its plates are drawn with one.',
                implode(', ', array_column($needing, 'name')),
                \count($needing) === 1 ? 'needs' : 'need',
            );
        }
        $printed = array_values(array_filter($plates, static fn (PlateOfOrder $p): bool => !\in_array($p->name, $leftOut, true)));
        $seconds = CycleTime::seconds(
            array_map(static fn (PlateOfOrder $p): int => $p->strokes, $printed),
            \count(array_filter($printed, static fn (PlateOfOrder $p): bool => $p->flashAfter)),
        );
        $pieces = $line->pieces();

        return new LineChange(
            $pieces,
            $leftOut,
            $says,
            $seconds,
            $pieces * $seconds / 60,
            $pieces * array_sum(array_map(static fn (PlateOfOrder $p): float => $p->gramsEach, $printed)),
        );
    }

    /** @param list<PlateOfOrder> $plates */
    private static function someNeedBase(array $plates, Lab $garment): bool
    {
        return array_filter($plates, static fn (PlateOfOrder $p): bool => !$p->isWhiteBase && Garment::needsBase($p->ink, $garment)) !== [];
    }
}
