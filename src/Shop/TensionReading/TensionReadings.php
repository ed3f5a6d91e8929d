<?php

declare(strict_types=1);

namespace Ektype\App\Shop\TensionReading;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Shelf;

/**
 * The readings of tension.
 *
 * @extends Shelf<TensionReading>
 */
final readonly class TensionReadings extends Shelf
{
    protected static function kind(): string
    {
        return TensionReading::class;
    }

    /** @return list<TensionReading> oldest first */
    public function of(Frame $frame): array
    {
        return $this->shelf()->findBy(['frame' => $frame], ['doneOn' => 'ASC', 'id' => 'ASC']);
    }
}
