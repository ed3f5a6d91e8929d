<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** Whether it stands on the base, and whether a hand said so. */
final readonly class ColourOnBase
{
    /**
     * @param bool $onBase     whether it stands on the base
     * @param bool $baseByHand whether the printer said so; else the garment asks for it
     */
    public function __construct(
        public bool $onBase,
        public bool $baseByHand,
    ) {
    }
}
