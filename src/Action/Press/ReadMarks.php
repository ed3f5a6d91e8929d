<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Plate\KeptReadings;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;

/** What was read of a plate at the marks of one or several prints. No prints forget the readings. */
final readonly class ReadMarks implements Change
{
    /** A later reading that differs from the one before by more is no correction of it: a knob was turned, mm. */
    private const SAME_MM = 0.1;

    /**
     * @param list<list<Reading>> $prints
     * @param list<int|null>      $platens of each print
     * @param int|null            $known   how many prints had been read when these were typed: what came since, from another page or a scan, stays behind them
     */
    public function __construct(private int $plateId, private array $prints, private array $platens = [], private ?int $known = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $prints = $platens = [];
        foreach ($this->prints as $i => $print) {
            if ($print !== []) {
                $prints[] = $print;
                $platens[] = $this->platens[$i] ?? null;
            }
        }
        if ($this->known !== null && !$plate->wasReadOfAnother()) {
            array_push($prints, ...\array_slice($plate->readings(), $this->known));
            array_push($platens, ...\array_slice($plate->readPlatens(), $this->known));
        }
        if ($prints !== []) {
            // The core refuses readings that contradict each other before anything is stored.
            $readings = new Readings($prints);
            $turned = $shop->light->corrections->latestOf($plate);
            if ($turned !== null && self::isOfTheseTurns($plate, $turned, $readings)) {
                $turned->readAgain(MisfitFit::of($readings)->rigid, max(array_map(static fn (Reading $r): float => $r->offMm(), $readings->means)));
            }
        }
        $plate->wasRead($prints, $platens);

        return 'Readings of '.$plate->name;
    }

    /**
     * What is read after turns shows whether the press moved as told. A later reading corrects it where it adds to the prints or
     * differs little; where it differs much, somebody turned a knob without saying so, which teaches nothing.
     */
    private static function isOfTheseTurns(Plate $plate, Correction $turned, Readings $readings): bool
    {
        $before = $plate->readings();
        if ($before === []) {
            return true;
        }
        $after = $turned->after();
        $now = MisfitFit::of($readings)->rigid;

        return $after !== null && (
            KeptReadings::written(\array_slice($readings->byPrint, 0, \count($before))) === KeptReadings::written($before)
            || hypot($now->xMm - $after->xMm, $now->yMm - $after->yMm) < self::SAME_MM
        );
    }
}
