<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Action\Jobs\DescribeJob;
use Ektype\App\Action\Jobs\OrderGarments;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\LineTold;
use Ektype\App\Api\Jobs\Named;
use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Plate\Substrate;
use Symfony\Component\Validator\Constraints as Assert;

/** What is printed on, and how many. What is not named stays. */
final readonly class OrderPatch implements JobChanges
{
    /**
     * @param list<LineTold>|null $lines the garments of the order
     */
    public function __construct(
        public ?Substrate $substrate = null,
        #[Words(60, mayBeEmpty: true)]
        public ?string $garment = null,
        #[Words(60, mayBeEmpty: true)]
        public ?string $garmentName = null,
        #[Hex]
        public ?string $garmentHex = null,
        #[Within(0, 1_000_000)]
        public ?int $quantity = null,
        #[Assert\Valid]
        public ?array $lines = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$named($this->substrate, $this->garment, $this->garmentName, $this->garmentHex, $this->quantity) ? [new DescribeJob(
                $job,
                substrate: $this->substrate,
                garment: $this->garment,
                garmentName: $this->garmentName,
                garmentHex: $this->garmentHex === null ? null : Srgb::fromHex($this->garmentHex)->hex(),
                quantity: $this->quantity,
            )] : [],
            ...$this->lines === null ? [] : [new OrderGarments($job, array_map(static fn (LineTold $l): GarmentLine => $l->line(), $this->lines))],
        ]);
    }
}
