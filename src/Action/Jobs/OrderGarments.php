<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Order\GarmentLine;

/** Which garments an order is printed on, in which colours and sizes. The job’s own garment stays what its plates are drawn for. */
final readonly class OrderGarments implements Change
{
    public const MOST = 12;

    /** @param list<GarmentLine> $lines */
    public function __construct(private int $jobId, private array $lines)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        if (\count($this->lines) > self::MOST) {
            throw Refused::at('lines', \sprintf('An order holds %d garments at the most; make two jobs of it.', self::MOST));
        }
        $job->orders($this->lines);

        return 'Garments of '.$job->name;
    }
}
