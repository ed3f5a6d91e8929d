<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Emulsion;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\StencilResists;

/** An emulsion as the shop uses it. */
#[ORM\Entity]
class Emulsion
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its times stand as usual, because nobody has measured them yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    /** Number of the pot that is in use, as its lid has it. */
    #[ORM\Column(length: 40, options: ['default' => ''])]
    public string $batch = '';

    /** What its stencil withstands in a run. */
    #[ORM\Column(length: 10, options: ['default' => 'unknown'])]
    public StencilResists $resists = StencilResists::Unknown;

    /** By volume, %. */
    #[ORM\Column(options: ['default' => 38])]
    public float $solidsPct = Coating::USUAL_SOLIDS_PCT;

    /** Day on which its sensitiser was stirred in; null for what needs none, or where nobody knows. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $mixedOn = null;

    /** Days that it keeps once mixed; null where it keeps. */
    #[ORM\Column(nullable: true)]
    public ?int $potLifeDays = null;

    /** Days that a coated screen keeps in the dark. */
    #[ORM\Column(options: ['default' => 28])]
    public int $coatedLifeDays = Coating::USUAL_LIFE_DAYS;

    /** Thickness of a capillary film, µm. */
    #[ORM\Column(nullable: true)]
    public ?float $filmUm = null;

    /** Its time against a photopolymer’s, of the data sheet; null takes the usual one of its kind. */
    #[ORM\Column(nullable: true)]
    public ?float $factor = null;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column(length: 20)]
        public EmulsionKind $kind,
    ) {
    }

    /** Days left of its pot life; under zero it is over, null where it has none. */
    public function potDaysLeft(\DateTimeImmutable $today): ?int
    {
        if ($this->mixedOn === null || $this->potLifeDays === null) {
            return null;
        }
        $until = (new \DateTimeImmutable($this->mixedOn))->modify(\sprintf('+%d days', $this->potLifeDays));

        return (int) (new \DateTimeImmutable($today->format('Y-m-d')))->diff($until)->format('%r%a');
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The emulsion is not stored yet.');
    }
}
