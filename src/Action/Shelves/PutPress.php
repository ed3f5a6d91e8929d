<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Registration\Knob;

/** Puts a press on the shelf, or says of one what it is; jobs that stand on it follow. */
final readonly class PutPress implements Change
{
    /**
     * @param int|null   $id    null for a new one
     * @param list<Knob> $knobs
     */
    public function __construct(
        private ?int $id,
        private string $name,
        private PressKind $kind,
        private int $heads,
        private int $platens,
        private array $knobs,
        private bool $collarAtOperator,
        private float $centreFromEndMm,
        private ?float $registerSigmaMm,
        private int $flashes = 1,
        private FlashUnit $unit = new FlashUnit(),
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $press = $this->id === null
            ? new Press(
                $this->name,
                $this->kind,
                $this->heads,
                $this->platens,
                $this->knobs,
                $this->collarAtOperator,
                centreFromEndMm: $this->centreFromEndMm,
                registerSigmaMm: $this->registerSigmaMm,
            )
            : $shop->printing->presses->get($this->id);
        FreeName::must($shop->printing->presses->named($this->name), $press, $this->name);
        [$press->name, $press->kind, $press->heads, $press->platens] = [$this->name, $this->kind, $this->heads, $this->platens];
        [
            $press->collarAtOperator,
            $press->centreFromEndMm,
            $press->registerSigmaMm,
        ] = [$this->collarAtOperator, $this->centreFromEndMm, $this->registerSigmaMm];
        $press->flashes = $this->flashes;
        $press->flashesWith($this->unit);
        $press->has($this->knobs);
        $press->assumed = false;
        $shop->printing->presses->add($press);
        OnlyOne::taken($shop, $press);

        return 'Press '.$this->name;
    }
}
