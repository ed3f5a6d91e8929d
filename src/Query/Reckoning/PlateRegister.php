<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Registration\Mending;
use Ektype\Core\Registration\Misfit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Unit\Beside;

/** What the readings of a plate say and what the hands do about it. */
final readonly class PlateRegister implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<Reading> $marks             mean reading at each mark
     * @param float         $nowMaxMm          at the worst mark
     * @param bool          $willBeInTolerance after the turns
     * @param bool          $unsure            whether scatter is wider than the tolerance, so that nobody knows whether it is in register
     * @param list<string>  $doubts            what was read is likelier another unit: told before any knob is turned
     */
    public function __construct(
        public Misfit $misfit,
        public Mending $mending,
        public array $marks,
        #[Beside]
        public PrintsScatter $scatter,
        public float $nowMaxMm,
        public bool $inRegister,
        public bool $willBeInTolerance,
        public array $doubts,
        public RegisterErrors $errors,
        public bool $unsure,
    ) {
    }
}
