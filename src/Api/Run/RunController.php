<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\App\Action\Run\ApproveStrikeOff;
use Ektype\App\Action\Run\SetEdition;
use Ektype\App\Action\Run\TellRun;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\Patch;
use Ektype\App\Query\Run\RunBench;
use Ektype\App\Query\Run\RunBoard;
use Ektype\App\Query\Run\SeeRun;
use Ektype\App\Query\Run\SeeRunBoard;
use Ektype\Core\Run\Edition;
use Psr\Clock\ClockInterface;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the run: its work order, and its count. */
final readonly class RunController
{
    public function __construct(private ShopDoor $door, private SeeRun $run, private SeeRunBoard $board, private ClockInterface $clock)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/run', methods: ['GET'])]
    public function run(int $id): RunBench
    {
        return $this->run->of($id);
    }

    /** How far the run is. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/run/count', methods: ['GET'])]
    public function count(int $id): RunBoard
    {
        return $this->board->of($id);
    }

    /** What a device tells of the run; told twice it is once. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/run/count', methods: ['POST'])]
    public function tell(int $id, #[Body] RunTold $told): RunBoard
    {
        $this->door->do(new TellRun($id, $told->events((int) $this->clock->now()->format('Uv'))));

        return $this->board->of($id, $told->names());
    }

    /** The strike-off is judged, by name. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/approval', methods: ['PUT'])]
    public function approve(int $id, #[Body] ApprovalTold $told): RunBoard
    {
        $this->door->do(new ApproveStrikeOff($id, $told->approval($this->clock->now()->format('Y-m-d'))));

        return $this->board->of($id);
    }

    /** How an edition on paper is printed. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/edition', methods: ['PATCH'])]
    public function edition(int $id, #[MergePatch(Edition::class)] Patch $patch): RunBoard
    {
        $this->door->do(new SetEdition($id, $patch));

        return $this->board->of($id);
    }

    /** What was judged holds no more. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/approval', methods: ['DELETE'])]
    public function judgeAnew(int $id): RunBoard
    {
        $this->door->do(new ApproveStrikeOff($id, null));

        return $this->board->of($id);
    }
}
