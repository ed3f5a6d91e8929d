<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

/** What losing one plate alone costs: dropped, printed in the ink nearest to it, or as dots of the ink that comes nearest so. */
final readonly class PlateLoss
{
    /**
     * @param string|null $into   the ink nearest to it; null where it is the only one
     * @param string|null $dotsOf the ink of which dots come nearest; null where none comes near
     * @param float|null  $tone   how much of that ink, 0–1
     */
    public function __construct(
        public string $name,
        public SeenChange $dropped,
        public ?string $into,
        public ?SeenChange $merged,
        public ?string $dotsOf = null,
        public ?float $tone = null,
        public ?SeenChange $tinted = null,
    ) {
    }
}
