<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Action\Press\TickSetUp;
use Ektype\App\Action\Press\TurnedAndPrinted;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Pictures\ProofSheet;
use Ektype\App\Query\Press\PressBench;
use Ektype\App\Query\Press\SeePress;
use Ektype\App\Query\Run\RunBench;
use Ektype\App\Query\Run\SeeRun;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The stages of press and run. */
final readonly class PressController
{
    public function __construct(private ShopDoor $door, private SeePress $press, private SeeRun $run, private ProofSheet $proof)
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

    /** The knobs were turned as told and a new strike-off printed: the second reading begins. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/turned', methods: ['POST'])]
    public function turned(int $id): PressBench
    {
        $this->door->do(new TurnedAndPrinted($id));

        return $this->press->ofPlate($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/run', methods: ['GET'])]
    public function run(int $id): RunBench
    {
        return $this->run->of($id);
    }

    /** The page on which the customer says yes. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/proof.pdf', methods: ['GET'])]
    public function proof(int $id): Response
    {
        return Served::file($this->proof->pdf($id), 'application/pdf', 'proof.pdf');
    }
}
