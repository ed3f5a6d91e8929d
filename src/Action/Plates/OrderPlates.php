<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Plate\Plate;

/** In which order the plates print. */
final readonly class OrderPlates implements Change
{
    /** @param list<int> $order numbers of all plates */
    public function __construct(private int $jobId, private array $order)
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

        return 'Print order of '.$job->name;
    }
}
