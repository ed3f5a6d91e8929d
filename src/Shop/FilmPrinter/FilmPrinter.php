<?php

declare(strict_types=1);

namespace Ektype\App\Shop\FilmPrinter;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Film\FilmMedium;
use Ektype\Core\Film\FilmPrinter as Profile;

/** A film printer of the shop, as it was measured. */
#[ORM\Entity]
class FilmPrinter
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its black and its scale stand as usual, because nobody has measured them yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column]
        public float $dpi,
        #[ORM\Column]
        public float $mediaWidthMm,
        /** null on a roll */
        #[ORM\Column(nullable: true)]
        public ?float $sheetLengthMm,
        #[ORM\Column]
        public float $feedMarginMm,
        /** of solid black; null where nobody measured it */
        #[ORM\Column(nullable: true)]
        public ?float $density,
        #[ORM\Column]
        public float $scaleErrorXPct = 0.0,
        #[ORM\Column]
        public float $scaleErrorYPct = 0.0,
        #[ORM\Column(length: 20, options: ['default' => FilmMedium::Clear->value])]
        public FilmMedium $medium = FilmMedium::Clear,
    ) {
    }

    public function profile(): Profile
    {
        return new Profile(
            $this->name,
            $this->dpi,
            $this->mediaWidthMm,
            $this->sheetLengthMm,
            $this->feedMarginMm,
            $this->density,
            scaleErrorXPct: $this->scaleErrorXPct,
            scaleErrorYPct: $this->scaleErrorYPct,
            medium: $this->medium,
        );
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The film printer is not stored yet.');
    }
}
