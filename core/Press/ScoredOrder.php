<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** An order of printing with what it does. */
final readonly class ScoredOrder
{
    /**
     * @param list<int> $order      plates by their index
     * @param list<int> $flashAfter of them
     * @param float     $lifted     of the picture, lifted wet, weighed
     * @param float     $shifted    of the picture, shifted in colour or dragged, weighed
     * @param float     $cost       all of it with the flashes
     */
    public function __construct(public array $order, public array $flashAfter, public float $lifted, public float $shifted, public float $cost)
    {
    }
}
