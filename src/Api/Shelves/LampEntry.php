<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutLamp;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Lamp\Contact;
use Ektype\Core\Unit\Quantity;

/** A lamp. */
final readonly class LampEntry implements Entry
{
    public function __construct(
        #[Words(60)]
        public string $name,
        public LampKind $kind,
        #[Within(0, 200_000, 'h')]
        public float $hours = 0.0,
        #[Bounded(Quantity::LampDistance)]
        public ?float $distanceMm = null,
        #[Within(0, 120, 's')]
        public ?float $startLossS = null,
        #[Within(0.01, 10_000, 'units a second')]
        public ?float $unitsPerS = null,
        #[Within(0, 5000, 'mm')]
        public ?float $sourceMm = null,
        public ?Contact $contact = null,
    ) {
    }

    public function change(?int $id): PutLamp
    {
        return new PutLamp($id, trim($this->name), $this->kind, $this->hours, $this->distanceMm, $this->startLossS, unitsPerS: $this->unitsPerS, sourceMm: $this->sourceMm, contact: $this->contact);
    }
}
