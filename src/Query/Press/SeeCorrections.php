<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plates;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\StrikeOff\ColourOff;
use Ektype\Core\StrikeOff\ColourSign;

/** What can be done about a plate whose colour is off on the strike-off. */
final readonly class SeeCorrections
{
    public function __construct(private Moment $moment, private Plates $plates)
    {
    }

    public function of(int $plateId, ColourSign $sign): Corrections
    {
        return $this->moment->see(function (Snapshot $shop) use ($plateId, $sign): Corrections {
            $plate = $this->plates->get($plateId);
            $book = new ScreenBook($shop->shelves->jobs->whole($plate->job->idOrFail()), $shop);
            $i = array_search($plate, $book->plates, true);
            $print = $book->print()?->plates[(int) $i] ?? throw new NotHere();
            $off = new ColourOff(
                $print,
                $book->mesh((int) $i),
                $plate->ink->hiding ?? Hiding::USUAL,
                $print->grams($book->piecesOf($plate)),
                $plate->printsTones(),
                $shop->meshes(),
                solvedInOrder: $plate->job->plan() instanceof SimulatedPlan,
            );

            return new Corrections($off->corrections($sign), $plate->ink->name ?? '', $plate->ink->recipe ?? '');
        });
    }
}
