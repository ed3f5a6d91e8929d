<?php

declare(strict_types=1);

namespace Ektype\App\Shop\DarkRoom;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Darkroom\Air;
use Ektype\Core\Darkroom\Darkroom as Room;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\CoatSchool;

/** The room in which screens are coated and dried: its air, its places, its hours and its habits. A shop has one. */
#[ORM\Entity]
class DarkRoom
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column]
    public float $temperatureC = Air::USUAL_C;

    #[ORM\Column]
    public float $humidityPct = Air::USUAL_HUMIDITY_PCT;

    /** Air over the drying screens, m/s. */
    #[ORM\Column]
    public float $airMS = Air::USUAL_M_S;

    /** When the air was read; null while it is only assumed. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $readAt = null;

    #[ORM\Column]
    public int $dryingPlaces = 8;

    /** How many people coat, burn and wash out. */
    #[ORM\Column(options: ['default' => Room::USUAL_HANDS])]
    public int $hands = Room::USUAL_HANDS;

    /** Minutes after midnight. */
    #[ORM\Column]
    public int $opensMin = 480;

    #[ORM\Column]
    public int $closesMin = 1080;

    /** School: coats are counted, or laid on the print side until the squeegee side shines evenly. */
    #[ORM\Column(length: 10)]
    public CoatSchool $coatSchool = CoatSchool::Counted;

    /** School: the sharp edge from this count on, threads per inch. */
    #[ORM\Column]
    public float $sharpFromPerInch = Coating::SHARP_FROM_PER_INCH;

    /** School: lines per inch times this is the coarsest mesh per inch. */
    #[ORM\Column]
    public float $rulingDivisor = RulingSchool::USUAL;

    public function air(): Air
    {
        return new Air($this->temperatureC, $this->humidityPct, $this->airMS);
    }

    /** How this shop tells its coats. */
    public function coatWords(): string
    {
        return $this->coatSchool->words($this->sharpFromPerInch);
    }

    public function room(float $startsMin): Room
    {
        return new Room($this->dryingPlaces, $this->opensMin, $this->closesMin, $startsMin, $this->hands);
    }
}
