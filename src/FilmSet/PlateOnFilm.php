<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\SeparatedPlate;

/** A plate as its film and the manifest tell of it. */
final readonly class PlateOnFilm
{
    /**
     * @param GivenInk|null  $ink    of the shelf; null for one that is mixed for the plate, or where none was chosen
     * @param Laying         $laying how often its ink is laid down
     * @param PrintStep|null $step   its place in the print
     * @param string         $mesh   that it is burned on, as a label says it; empty where nobody knows yet
     */
    public function __construct(public SeparatedPlate $plate, public ?GivenInk $ink, public Laying $laying, public ?PrintStep $step = null, public string $mesh = '')
    {
    }
}
