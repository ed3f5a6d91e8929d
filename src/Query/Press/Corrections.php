<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\StrikeOff\Correction;

/** What can be done about a colour that is off, and what its pot has been told. */
final readonly class Corrections
{
    /**
     * @param list<Correction> $offered what makes the least again first
     * @param string           $pot     name of the ink whose pot can be written on; empty where none was chosen
     * @param string           $recipe  as it stands on the pot
     */
    public function __construct(public array $offered, public string $pot, public string $recipe)
    {
    }
}
