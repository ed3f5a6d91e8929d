<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Plate\Substrate;

/** What the order says: for whom, on what, how many, where on it, until when. null leaves a thing as it is. */
final readonly class DescribeJob implements Change
{
    public function __construct(
        private int $jobId,
        private ?string $name = null,
        private ?string $customer = null,
        private ?Substrate $substrate = null,
        private ?string $garment = null,
        private ?string $garmentName = null,
        private ?string $garmentHex = null,
        private ?int $quantity = null,
        private ?string $place = null,
        private ?string $dueOn = null,
        private ?float $acrossMm = null,
        private ?float $dropMm = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->name = $this->name ?? $job->name;
        $job->customer = $this->customer ?? $job->customer;
        $job->substrate = $this->substrate ?? $job->substrate;
        $job->garment = $this->garment ?? $job->garment;
        $this->dress($job);
        $job->quantity = $this->quantity ?? $job->quantity;
        $job->place = $this->place ?? $job->place;
        $job->dueOn = $this->dueOn ?? $job->dueOn;
        $job->acrossMm = $this->acrossMm ?? $job->acrossMm;
        $job->dropMm = $this->dropMm ?? $job->dropMm;
        $told = array_keys(array_filter([
            'name' => $this->name !== null,
            'customer' => $this->customer !== null,
            'substrate' => $this->substrate !== null,
            'garment' => $this->garment !== null || $this->garmentName !== null || $this->garmentHex !== null,
            'quantity' => $this->quantity !== null,
            'place' => $this->place !== null || $this->acrossMm !== null || $this->dropMm !== null,
            'due date' => $this->dueOn !== null,
        ]));

        return ucfirst(implode(', ', $told)).' of '.$job->name;
    }

    /** Another colour has another name, and the garments of the order that were of the old one are of the new one. */
    private function dress(Job $job): void
    {
        [$was, $called] = [$job->garmentHex, $job->garmentName];
        $job->garmentHex = $this->garmentHex ?? $was;
        $job->garmentName = $this->garmentName ?? ($job->garmentHex === $was ? $called : '');
        $job->orders(array_map(
            static fn (GarmentLine $line): GarmentLine => $line->hex === $was && $line->colour === $called
                ? new GarmentLine($line->garment, $job->garmentName, $job->garmentHex, $line->sizes)
                : $line,
            $job->lines(),
        ));
    }
}
