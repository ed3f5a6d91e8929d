<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Lamp;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Lamp\Contact;

/** An exposure unit. */
#[ORM\Entity]
class Lamp
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** Whether its hours stand as usual, because nobody has measured them yet. */
    #[ORM\Column(options: ['default' => false])]
    public bool $assumed = false;

    /** What each burn falls short while the lamp comes up, s. */
    #[ORM\Column(options: ['default' => 0])]
    public float $startLossS = 0.0;

    /** Units that its light integrator counts in a second when the lamp is new; null where it has none. */
    #[ORM\Column(nullable: true)]
    public ?float $unitsPerS = null;

    /** Width of what shines, mm; null where nobody told. */
    #[ORM\Column(nullable: true)]
    public ?float $sourceMm = null;

    /** How it holds the film against the stencil. */
    #[ORM\Column(length: 20, options: ['default' => 'vacuum'])]
    public Contact $contact = Contact::Vacuum;

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        public string $name,
        #[ORM\Column(length: 20)]
        public LampKind $kind,
        #[ORM\Column]
        public float $hours,
        #[ORM\Column(nullable: true)]
        public ?float $distanceMm = null,
    ) {
    }

    /** Every burn counts on its hours; one that was not made is taken back. */
    public function burnedFor(float $seconds): void
    {
        $this->hours = max(0.0, $this->hours + $seconds / 3600);
    }

    /** Hours that the lamp’s age counts for a time of light: an integrator counts light itself, whatever its age. */
    public function ageForTimes(): float
    {
        return $this->unitsPerS === null ? $this->hours : 0.0;
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The lamp is not stored yet.');
    }
}
