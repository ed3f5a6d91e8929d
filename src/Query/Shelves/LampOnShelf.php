<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\Lamp\Lamp;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Lamp\Contact;

/** A lamp. */
final readonly class LampOnShelf
{
    private function __construct(
        public int $id,
        public string $name,
        public LampKind $kind,
        public float $hours,
        public ?float $distanceMm,
        public bool $assumed,
        public float $startLossS,
        public ?float $unitsPerS,
        public ?float $sourceMm,
        public Contact $contact,
    ) {
    }

    public static function of(Lamp $of): self
    {
        return new self($of->idOrFail(), $of->name, $of->kind, $of->hours, $of->distanceMm, $of->assumed, startLossS: $of->startLossS, unitsPerS: $of->unitsPerS, sourceMm: $of->sourceMm, contact: $of->contact);
    }
}
