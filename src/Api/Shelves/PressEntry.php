<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutPress;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\UnusableKnob;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A press with its micro-register knobs. */
final readonly class PressEntry implements Entry
{
    /** @param list<KnobEntry> $knobs */
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Bounded(Quantity::Heads)]
        public int $heads,
        #[Bounded(Quantity::Platens)]
        public int $platens,
        #[Bounded(Quantity::PrintCentre)]
        public float $centreFromEndMm,
        public PressKind $kind = PressKind::Rotary,
        public bool $collarAtOperator = false,
        #[Within(0.01, 3, 'mm')]
        public ?float $registerSigmaMm = null,
        #[Assert\Valid]
        public array $knobs = [],
        #[Bounded(Quantity::Flashes)]
        public int $flashes = 1,
        #[Beside, Assert\Valid]
        public FlashEntry $flash = new FlashEntry(),
    ) {
    }

    public function change(?int $id): PutPress
    {
        return new PutPress(
            $id,
            trim($this->name),
            $this->kind,
            $this->heads,
            $this->platens,
            $this->knobs(),
            collarAtOperator: $this->collarAtOperator,
            centreFromEndMm: $this->centreFromEndMm,
            registerSigmaMm: $this->registerSigmaMm,
            flashes: $this->flashes,
            unit: $this->flash->unit(),
        );
    }

    /** @return list<Knob> */
    private function knobs(): array
    {
        $knobs = [];
        foreach ($this->knobs as $i => $knob) {
            try {
                $knobs[] = $knob->knob();
            } catch (UnusableKnob $not) {
                throw $not->within(\sprintf('knobs[%d]', $i));
            }
        }

        return $knobs;
    }
}
