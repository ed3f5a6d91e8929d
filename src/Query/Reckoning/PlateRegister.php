<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Registration\Mending;
use Ektype\Core\Registration\Misfit;
use Ektype\Core\Registration\Reading;

/** What the readings of a plate say and what the hands do about it. */
final readonly class PlateRegister
{
    /**
     * @param list<Reading>       $marks             mean reading at each mark
     * @param float|null          $repeatMm          from print to print; null with one print
     * @param float               $nowMaxMm          at the worst mark
     * @param bool                $willBeInTolerance after the turns
     * @param list<list<Reading>> $byPrint           as they were read
     * @param bool                $unsure            whether scatter is wider than the tolerance, so that nobody knows whether it is in register
     * @param string              $repeats           what is not turned back, and why; empty where all of it is
     * @param list<string>        $doubts            what was read is likelier another unit: told before any knob is turned
     * @param int|null            $oddPrint          which print lies elsewhere than the others, from nought
     */
    public function __construct(
        public Misfit $misfit,
        public Mending $mending,
        public array $marks,
        public int $prints,
        public ?float $repeatMm,
        public float $nowMaxMm,
        public bool $inRegister,
        public bool $willBeInTolerance,
        public array $doubts,
        public array $byPrint,
        public RegisterErrors $errors,
        public bool $unsure,
        public string $repeats,
        public ?int $oddPrint,
    ) {
    }
}
