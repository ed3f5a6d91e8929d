<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Ink;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Ink\InkKind;

/** An ink on the shop's shelf. */
#[ORM\Entity]
class Ink
{
    public const LONGEST_RECIPE = 1000;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its hiding stands as usual, because nobody has measured it yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    /** What stands on its pot: by weight what it is mixed of, and what was changed at the press, a line each. */
    #[ORM\Column(length: self::LONGEST_RECIPE, options: ['default' => ''])]
    public string $recipe = '';

    /** What is left of it in its pot, as it was weighed last, g; null where nobody weighed it. */
    #[ORM\Column(nullable: true)]
    public ?float $gramsLeft = null;

    public function __construct(
        #[ORM\Column(length: 80)]
        public string $name,
        #[ORM\Column(length: 7)]
        public string $hex,
        #[ORM\Column(length: 20)]
        public InkKind $kind,
        /** Hiding power on a flashed base, 0–1. */
        #[ORM\Column]
        public float $hiding,
    ) {
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The ink is not stored yet.');
    }
}
