<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Hand;
use Ektype\App\Action\Plates\DecidePrint;
use Ektype\App\Action\Plates\OrderPlates;
use Ektype\App\Action\Press\LayOnStandIn;
use Ektype\App\Action\Press\NoteOnPot;
use Ektype\App\Action\Press\ReadStrikeOff;
use Ektype\App\Action\Press\TakeKnobs;
use Ektype\App\Action\Press\TickSetUp;
use Ektype\App\Action\Press\TurnedAndPrinted;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Api\Asking\Form;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\Patch;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Pictures\ProofSheet;
use Ektype\App\Query\Press\Corrections;
use Ektype\App\Query\Press\OrderShown;
use Ektype\App\Query\Press\OrdersOfJob;
use Ektype\App\Query\Press\PressBench;
use Ektype\App\Query\Press\SeeCorrections;
use Ektype\App\Query\Press\SeeOrders;
use Ektype\App\Query\Press\SeePress;
use Ektype\App\Query\Press\SeeStrikeOff;
use Ektype\App\Query\Press\StandInPrint;
use Ektype\App\Query\Press\StrikeOffSeen;
use Ektype\App\Query\Shelves\SeeShelves;
use Ektype\App\Query\Shelves\ShopShelves;
use Ektype\App\Work\Long\HowFar;
use Ektype\Core\Print\ByHand;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the press. */
final readonly class PressController
{
    public function __construct(private ShopDoor $door, private SeePress $press, private ProofSheet $proof, private SeeStrikeOff $strikeOff, private SeeOrders $orders, private SeeShelves $shelves, private HowFar $far, private Hand $hand, private SeeJob $job, private SeeCorrections $corrections)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press', methods: ['GET'])]
    public function press(int $id): PressBench
    {
        return $this->press->of($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/set-up', methods: ['POST'])]
    public function setUp(int $id, #[Body] SetUpDone $one): PressBench
    {
        $this->door->do(new TickSetUp($id, $one->done, $one->on));

        return $this->press->of($id);
    }

    /** What can be done about a colour that is off on the strike-off, and what it makes anew. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/corrections', methods: ['GET'])]
    public function corrections(int $id, #[Asked] ColourAsked $of): Corrections
    {
        return $this->corrections->of($id, $of->sign);
    }

    /** What was mixed into a plate’s ink is written on its pot. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/pot', methods: ['POST'])]
    public function pot(int $id, #[Body] PotNote $note): PressBench
    {
        $this->door->do(new NoteOnPot($id, $note->says));

        return $this->press->ofPlate($id);
    }

    /** The knobs were turned as told and a new strike-off printed: the second reading begins. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/turned', methods: ['POST'])]
    public function turned(int $id): PressBench
    {
        $this->door->do(new TurnedAndPrinted($id));

        return $this->press->ofPlate($id);
    }

    /** One print of the strike-off, from its scan: read for all plates, and kept. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/strike-off', methods: ['POST'])]
    public function strikeOff(int $id, #[Form('scan')] ScanOfPrint $of, Request $request): StrikeOffSeen
    {
        $scan = Brought::file($request, 'scan', 'No scan came, or it did not arrive whole. Scan the print flat and whole at 300 to 600 pixels an inch, and bring the picture.');

        return $this->kept($id, $of->platen, $this->far->while($this->hand->page, fn (\Closure $told): StrikeOffSeen => $this->strikeOff->scanned($id, $scan->getPathname(), $told)));
    }

    /** One print of the strike-off by the stand-in. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/strike-off/simulated', methods: ['POST'])]
    public function simulated(int $id, #[Body] ScanOfPrint $of): StrikeOffSeen
    {
        $print = $this->far->while($this->hand->page, fn (\Closure $told): StandInPrint => $this->strikeOff->simulated($id, $told));

        return $this->kept($id, $of->platen, $print->seen, new LayOnStandIn($print->first));
    }

    /** What corrections have shown of the knobs goes into the profile of the press. */
    #[Route('/api/presses/{id<[0-9]{1,9}>}/learned', methods: ['POST'])]
    public function learned(int $id): ShopShelves
    {
        $this->door->do(new TakeKnobs($id));

        return $this->shelves->all();
    }

    /** A probe on the ink under the flash. */
    #[Route('/api/presses/{id<[0-9]{1,9}>}/flash', methods: ['POST'])]
    public function flash(int $id, #[Body] FlashRead $read): ShopShelves
    {
        $this->door->do($read->change($id));

        return $this->shelves->all();
    }

    /** The orders in which the job can print. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press-orders', methods: ['GET'])]
    public function orders(int $id): OrdersOfJob
    {
        return $this->orders->of($id);
    }

    /** What another order would do; nothing is moved. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press-orders/tried', methods: ['POST'])]
    public function tried(int $id, #[Body] OrderTried $of): OrderShown
    {
        return $this->orders->tried($id, $of->order);
    }

    /** Prints in that order from now on, flashed as it was told. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press-orders/taken', methods: ['POST'])]
    public function taken(int $id, #[Body] OrderTaken $of): PressBench
    {
        $this->door->do(new OrderPlates($id, $of->order, $of->flashAfter));

        return $this->press->of($id);
    }

    /** What the hand decides of how a plate is printed. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/print', methods: ['PATCH'])]
    public function print(int $id, #[MergePatch(ByHand::class)] Patch $patch): PressBench
    {
        $this->door->do(new DecidePrint($id, $patch));

        return $this->press->ofPlate($id);
    }

    /** How it is set up on its press. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press', methods: ['PATCH'])]
    public function set(int $id, #[Body] PressPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** The print with its plates in another order. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press-orders/{order<[0-9]{1,9}(-[0-9]{1,9}){0,23}>}.png', methods: ['GET'])]
    public function inOrder(int $id, string $order): Response
    {
        return Served::picture($this->orders->picture($id, array_map(intval(...), explode('-', $order))));
    }

    private function kept(int $id, ?int $platen, StrikeOffSeen $seen, Change ...$with): StrikeOffSeen
    {
        $readings = [];
        foreach ($seen->plates as $plate) {
            $readings[$plate->id] = $plate->readings;
        }
        $this->door->do(...$with, ...[new ReadStrikeOff($id, $readings, $platen)]);

        return $seen;
    }

    /** The page on which the customer says yes. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/proof.pdf', methods: ['GET'])]
    public function proof(int $id): Response
    {
        return Served::file($this->proof->pdf($id), 'application/pdf', 'proof.pdf');
    }
}
