<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Registration\Repeating;

/** The knobs were turned as it was told, and a new strike-off printed: the second reading begins. What was read before is kept with the turns. */
final readonly class TurnedAndPrinted implements Change
{
    public function __construct(private int $plateId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $press = $plate->job->press ?? throw Refused::at('press', 'No press is chosen, so no knob was turned. Choose the press first.');
        if ($plate->readings() === []) {
            throw Refused::at('prints', $plate->name.' was not read yet, so nothing was told to be turned. Read the strike-off first.');
        }
        $readings = new Readings($plate->readings());
        $misfit = MisfitFit::of($readings);
        $mending = RegistrationSolver::mend($readings, $misfit, $press->knobs(), Repeating::of($readings->byPrint, $press->registerSigmaMm));
        $turns = [];
        foreach ($mending->turns as $turn) {
            $turns[$turn->knob] = round($turn->turns, 4);
        }
        $made = new Correction($press, $plate, $turns, $misfit->rigid, max(array_map(static fn (Reading $r): float => $r->offMm(), $readings->means)), $shop->now());
        $made->firstRead = $shop->light->corrections->latestOf($plate) === null;
        $made->pull = $plate->job->onPress->pull;
        $made->fittedAtRest = $plate->job->onPress->way($plate->job->substrate)->atRest();
        $key = $plate->job->platesInOrder()[0];
        [$made->ink, $made->keyInk] = [$plate->ink->name ?? $plate->name, $key->ink->name ?? $key->name];
        [$made->tensionNPerCm, $made->keyTensionNPerCm] = [$plate->frame?->tensionNPerCm, $key->frame?->tensionNPerCm];
        [$made->offContactMm, $made->keyOffContactMm] = [self::offContact($plate), self::offContact($key)];
        $shop->light->corrections->add($made);
        $plate->wasRead([]);

        return $plate->name.' was turned and printed again';
    }

    private static function offContact(Plate $plate): ?float
    {
        return $plate->frame === null ? null : OffContact::mm($plate->frame->tensionNPerCm, $plate->job->substrate, $plate->frame->insideHeightMm, $plate->job->onPress->seamMm);
    }
}
