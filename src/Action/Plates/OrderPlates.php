<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Plan\Patch;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Plate\PlateRole;

/** In which order the plates print. */
final readonly class OrderPlates implements Change
{
    /**
     * @param list<int>      $order      numbers of all plates
     * @param list<int>|null $flashAfter of them; null leaves it to the law
     */
    public function __construct(private int $jobId, private array $order, private ?array $flashAfter = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $ids = array_map(static fn (Plate $plate): int => $plate->idOrFail(), $job->platesInOrder());
        $sorted = $this->order;
        sort($sorted);
        sort($ids);
        if ($sorted !== $ids) {
            throw Refused::at('order', 'The order must name every plate of the job once. Nothing was moved.');
        }
        foreach ($job->plates as $plate) {
            $plate->position = (int) array_search($plate->idOrFail(), $this->order, true);
        }
        $this->flash($job);
        $this->solveAnew($job, $shop);

        return 'Print order of '.$job->name;
    }

    /** An order is as good as it was told with its own flashes: where the law would flash otherwise, they stand as set by hand. */
    private function flash(Job $job): void
    {
        foreach ($this->flashAfter === null ? [] : $job->plates as $plate) {
            $plate->decide($plate->byHand()->flashed(\in_array($plate->idOrFail(), $this->flashAfter ?? [], true)));
        }
    }

    /** Dots of opaque inks over each other are solved for their order: another one asks for other plates. */
    private function solveAnew(Job $job, ShopFloor $shop): void
    {
        $plan = $job->plan();
        if (!$plan instanceof SimulatedPlan) {
            return;
        }
        $inks = [];
        foreach ($job->platesInOrder() as $plate) {
            if ($plate->role === PlateRole::Colour && $plate->ink?->id !== null) {
                $inks[] = $plate->ink->id;
            }
        }
        $job->decide((new Patch(['inks' => ['inks' => $inks], 'order' => OrderSchool::AsListed->value]))->on($plan));
        (new AskForWork($this->jobId, TaskKind::Separate))->carryOut($shop);
    }
}
