<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** A step of a screen, in minutes from the start of the plan. */
final readonly class StepInRoom
{
    /**
     * @param string   $step  coat, dry, expose, wash, redry or tape
     * @param int|null $place drying place; null for what is not drying
     */
    public function __construct(public string $step, public float $fromMin, public float $toMin, public ?int $place)
    {
    }
}
