<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Action\Jobs\SetTolerance;
use Ektype\App\Action\Plates\OrderPlates;
use Ektype\App\Action\Press\SetOnPress;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\Named;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Registration\RegisterWay;
use Ektype\Core\Unit\Quantity;

/** How a job is set up on its press. What is not named stays. */
final readonly class PressPatch implements JobChanges
{
    /**
     * @param list<int>|null $order      all plates in print order
     * @param int|null       $keyPlateId the plate that the others are brought to; 0 goes by the order
     */
    public function __construct(
        public ?bool $pull = null,
        public ?RegisterWay $registerWay = null,
        #[Within(0, 20, 'mm')]
        public ?float $seamMm = null,
        #[Bounded(Quantity::Tolerance)]
        public ?float $toleranceMm = null,
        public bool $toleranceFollowsPlates = false,
        public ?array $order = null,
        public ?int $keyPlateId = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$this->toleranceMm === null && !$this->toleranceFollowsPlates ? [] : [new SetTolerance($job, $this->toleranceMm)],
            ...$named($this->pull, $this->registerWay, $this->seamMm, $this->keyPlateId) ? [new SetOnPress($job, $this->pull, $this->registerWay, $this->seamMm, $this->keyPlateId)] : [],
            ...$this->order === null ? [] : [new OrderPlates($job, $this->order)],
        ]);
    }
}
