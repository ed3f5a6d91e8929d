<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Unit\Refusal;

/** A change that a row of a table asks for; where the shop refuses it, the row is named. */
final readonly class ChangeOfRow implements Change
{
    public function __construct(private int $row, private Change $change)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        try {
            $said = $this->change->carryOut($shop);
            // The next row may ask for what this one has put there.
            $shop->settle();

            return $said;
        } catch (Refusal $not) {
            throw Refused::at('file', \sprintf('Row %d: %s Nothing of the table was taken.', $this->row, $not->getMessage()));
        }
    }
}
