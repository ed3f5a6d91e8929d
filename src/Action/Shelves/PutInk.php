<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Ink\Ink;
use Ektype\Core\Ink\InkKind;

/** Puts an ink on the shelf, or says of one what it is. */
final readonly class PutInk implements Change
{
    /**
     * @param int|null    $id        null for a new one
     * @param float       $hiding    0–1
     * @param string|null $recipe    null leaves what stands on its pot
     * @param float|null  $gramsLeft null leaves what was weighed last
     */
    public function __construct(private ?int $id, private string $name, private string $hex, private InkKind $kind, private float $hiding, private ?string $recipe = null, private ?float $gramsLeft = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $ink = $this->id === null ? new Ink($this->name, $this->hex, $this->kind, $this->hiding) : $shop->printing->inks->get($this->id);
        FreeName::must($shop->printing->inks->named($this->name), $ink, $this->name);
        if ($this->id !== null && ($ink->hex !== $this->hex || abs($ink->hiding - $this->hiding) > 1e-9)) {
            self::drawnAnew($ink, $shop);
        }
        if ($this->id !== null && $ink->name !== $this->name) {
            self::renamed($ink, $this->name, $shop);
        }
        [$ink->name, $ink->hex, $ink->kind, $ink->hiding] = [$this->name, $this->hex, $this->kind, $this->hiding];
        $ink->recipe = $this->recipe ?? $ink->recipe;
        $ink->gramsLeft = $this->gramsLeft ?? $ink->gramsLeft;
        $ink->assumed = false;
        $shop->printing->inks->add($ink);

        return 'Ink '.$this->name;
    }

    /** Plates of open jobs that are called by their ink follow. */
    private static function renamed(Ink $ink, string $name, ShopFloor $shop): void
    {
        foreach ($shop->jobs->open() as $job) {
            foreach ($job->platesInOrder() as $plate) {
                if ($plate->ink === $ink && $plate->name === $ink->name) {
                    $job->call($plate, $name);
                }
            }
        }
    }

    /** How much of a picture’s tones an ink prints hangs on its colour and its hiding. */
    private static function drawnAnew(Ink $ink, ShopFloor $shop): void
    {
        foreach ($shop->jobs->all() as $job) {
            foreach ($job->finishedOn === null && $job->printsTones() ? $job->platesInOrder() : [] as $plate) {
                if ($plate->ink === $ink) {
                    $job->separationKey = null;
                }
            }
        }
    }
}
