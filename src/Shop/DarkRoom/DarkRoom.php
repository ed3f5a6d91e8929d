<?php

declare(strict_types=1);

namespace Ektype\App\Shop\DarkRoom;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Darkroom\Darkroom as Room;
use Ektype\Core\Mesh\MeshSuggestion;

/** The room in which screens are coated and dried: its air, its places, its hours and its habits. A shop has one. */
#[ORM\Entity]
class DarkRoom
{
    public const COAT_SCHOOLS = ['counted', 'shine'];
    public const EDGE_SCHOOLS = [150.0, 160.0];

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column]
    public float $temperatureC = 24.0;

    #[ORM\Column]
    public float $humidityPct = 45.0;

    /** Air over the drying screens, m/s. */
    #[ORM\Column]
    public float $airMS = 0.5;

    /** When the air was read; null while it is only assumed. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $readAt = null;

    #[ORM\Column]
    public int $dryingPlaces = 8;

    /** Minutes after midnight. */
    #[ORM\Column]
    public int $opensMin = 480;

    #[ORM\Column]
    public int $closesMin = 1080;

    /** School: coats are counted, or laid on the print side until the squeegee side shines evenly. */
    #[ORM\Column(length: 10)]
    public string $coatSchool = 'counted';

    /** School: the sharp edge from this count on, threads per inch. */
    #[ORM\Column]
    public float $sharpFromPerInch = 150.0;

    /** School: lines per inch times this is the coarsest mesh per inch. */
    #[ORM\Column]
    public float $rulingDivisor = MeshSuggestion::RULING_DIVISOR;

    public static function of(EntityManagerInterface $entities): self
    {
        return $entities->getRepository(self::class)->findOneBy([], ['id' => 'ASC']) ?? new self();
    }

    public function room(float $startsMin): Room
    {
        return new Room($this->dryingPlaces, $this->opensMin, $this->closesMin, $startsMin);
    }
}
