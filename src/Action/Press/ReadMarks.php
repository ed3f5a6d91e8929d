<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;

/** What was read of a plate at the marks of one or several prints. No prints forget the readings. */
final readonly class ReadMarks implements Change
{
    /** @param list<list<Reading>> $prints */
    public function __construct(private int $plateId, private array $prints)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $prints = array_values(array_filter($this->prints, static fn (array $print): bool => $print !== []));
        if ($prints !== []) {
            // The core refuses readings that contradict each other before anything is stored.
            $readings = new Readings($prints);
            $turned = $shop->corrections->latestOf($plate);
            if ($turned !== null && ($plate->readings() === [] || $turned->worstAfterMm !== null)) {
                // What is read after turns shows whether the press moved as told; a later reading corrects it.
                $turned->readAgain(MisfitFit::of($readings)->rigid, max(array_map(static fn (Reading $r): float => $r->offMm(), $readings->means)));
            }
        }
        $plate->wasRead($prints);

        return 'Readings of '.$plate->name;
    }
}
