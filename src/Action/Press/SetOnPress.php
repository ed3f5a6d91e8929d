<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Registration\RegisterWay;

/** Which way the job is stroked and registered, and what lies under its screens. null leaves a thing as it is. */
final readonly class SetOnPress implements Change
{
    public function __construct(private int $jobId, private ?bool $pull = null, private ?RegisterWay $way = null, private ?float $seamMm = null, private ?int $keyPlate = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->onPress->pull = $this->pull ?? $job->onPress->pull;
        $job->onPress->registerWay = $this->way ?? $job->onPress->registerWay;
        $job->onPress->seamMm = $this->seamMm ?? $job->onPress->seamMm;
        if ($this->keyPlate !== null) {
            $ids = array_map(static fn (Plate $p): int => $p->idOrFail(), $job->platesInOrder());
            $job->onPress->keyPlate = $this->keyPlate === 0 || \in_array($this->keyPlate, $ids, true) ? ($this->keyPlate === 0 ? null : $this->keyPlate) : throw Refused::at('keyPlateId', 'That plate is not one of this job. Choose one of its plates as the key.');
        }

        return 'How '.$job->name.' is set up on the press';
    }
}
