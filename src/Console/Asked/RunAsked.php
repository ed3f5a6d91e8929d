<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Symfony\Component\Validator\Constraints as Assert;

/** Pieces that came off a press, each with its time. */
final readonly class RunAsked
{
    /**
     * @param list<PieceAsked> $pieces
     * @param float            $nowS   s from the same beginning
     */
    public function __construct(
        #[Assert\Valid, Assert\Count(min: 1, minMessage: 'tells of no piece. Put one into it at the least.')]
        public array $pieces,
        #[Within(1, 1_000_000)]
        public int $ordered,
        #[Within(0, 86_400, 's')]
        public float $reckonedS,
        public float $nowS,
    ) {
    }
}
