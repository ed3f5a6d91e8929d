<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Correction;

use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Shelf;

/**
 * What was turned at the presses.
 *
 * @extends Shelf<Correction>
 */
final readonly class Corrections extends Shelf
{
    protected static function kind(): string
    {
        return Correction::class;
    }

    /** The latest of a plate. */
    public function latestOf(Plate $plate): ?Correction
    {
        return $this->shelf()->findOneBy(['plate' => $plate], ['id' => 'DESC']);
    }

    /** @return list<Correction> of a plate that came after one, as they were made */
    public function since(Plate $plate, int $after): array
    {
        return $this->asked('SELECT c FROM '.Correction::class.' c WHERE c.plate = :plate AND c.id > :after ORDER BY c.id ASC', ['plate' => $plate, 'after' => $after]);
    }

    /** @return list<Correction> that were read again, as they were made */
    public function shownBy(Press $press): array
    {
        return $this->asked('SELECT c FROM '.Correction::class.' c WHERE c.press = :press AND c.worstAfterMm IS NOT NULL ORDER BY c.id ASC', ['press' => $press]);
    }

    /** @return list<Correction> of screens that were freshly set, as they were made */
    public function firstReadOn(Press $press): array
    {
        return $this->asked('SELECT c FROM '.Correction::class.' c WHERE c.press = :press AND c.firstRead = true ORDER BY c.id ASC', ['press' => $press]);
    }
}
