<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

/** What a job uses up, as the other pages reckon it. */
final readonly class JobToPrice
{
    /**
     * @param float $filmM2        of the whole set; 0 where it is burned without film
     * @param float $emulsionMl    of all screens
     * @param float $gramsAPiece   ink of all screens
     * @param float $secondsAPiece of the press, with the usual pauses
     * @param int   $hands         at the press
     */
    public function __construct(public int $screens, public float $filmM2, public float $emulsionMl, public float $gramsAPiece, public float $secondsAPiece, public int $hands = 1)
    {
    }
}
