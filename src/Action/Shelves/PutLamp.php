<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Lamp\Contact;

/** Puts a lamp on the shelf, or says of one what it is. What was burned and tested under it keeps to the lamp as it was. */
final readonly class PutLamp implements Change
{
    /**
     * @param int|null     $id         null for a new one
     * @param float|null   $startLossS null leaves it as it is
     * @param Contact|null $contact    null leaves it as it is
     */
    public function __construct(
        private ?int $id,
        private string $name,
        private LampKind $kind,
        private float $hours,
        private ?float $distanceMm,
        private ?float $startLossS = null,
        private ?float $unitsPerS = null,
        private ?float $sourceMm = null,
        private ?Contact $contact = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $lamp = $this->id === null ? new Lamp($this->name, $this->kind, $this->hours, $this->distanceMm) : $shop->light->lamps->get($this->id);
        FreeName::must($shop->light->lamps->named($this->name), $lamp, $this->name);
        [$lamp->name, $lamp->kind, $lamp->hours, $lamp->distanceMm] = [$this->name, $this->kind, $this->hours, $this->distanceMm];
        [$lamp->startLossS, $lamp->unitsPerS] = [$this->startLossS ?? $lamp->startLossS, $this->unitsPerS];
        [$lamp->sourceMm, $lamp->contact] = [$this->sourceMm, $this->contact ?? $lamp->contact];
        $lamp->assumed = false;
        $shop->light->lamps->add($lamp);
        OnlyOne::taken($shop, $lamp);

        return 'Lamp '.$this->name;
    }
}
