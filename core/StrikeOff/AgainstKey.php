<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Registration\Reading;

/**
 * What a scan read of a plate against the key that was chosen. The strip reads every plate against the one in the middle of its
 * targets; where another is the key, its own misfit at the same corner is taken off.
 */
final class AgainstKey
{
    /**
     * @param int $plate place on the strip; 0 stands in the middle of the targets
     * @param int $key   place of the key
     *
     * @return list<Reading> at the corners where both were read
     */
    public static function of(StrikeOffRead $read, int $plate, int $key): array
    {
        if ($key === 0) {
            return $read->readings($plate);
        }
        $keys = array_column(array_map(static fn (Reading $r): array => ['mark' => $r->mark, 'read' => $r], $read->readings($key)), 'read', 'mark');
        if ($plate === 0) {
            return array_map(static fn (Reading $r): Reading => new Reading($r->mark, $r->xMm, $r->yMm, -$r->offXMm, -$r->offYMm), array_values($keys));
        }
        $against = [];
        foreach ($read->readings($plate) as $r) {
            if (isset($keys[$r->mark])) {
                $against[] = new Reading($r->mark, $r->xMm, $r->yMm, $r->offXMm - $keys[$r->mark]->offXMm, $r->offYMm - $keys[$r->mark]->offYMm);
            }
        }

        return $against;
    }
}
