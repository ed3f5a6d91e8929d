<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\Reckoning\PlateRegister;
use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Unit\Figure;

/** How a plate stands on its way to the press: what its stages and the next step are told from. */
final readonly class PlateStanding
{
    /**
     * @param string       $unsuited   why its frame suits it badly; empty where it suits
     * @param list<string> $first      what must be done to its frame before it can be burned
     * @param bool         $oldPicture whether its screen was burned with a picture that it had before
     */
    public function __construct(
        public Plate $plate,
        public string $unsuited,
        public array $first,
        public ?StencilNow $stencil,
        public ?float $burnedSeconds,
        public ?SinkCheck $seen,
        public Figure $light,
        public ?PlateRegister $register,
        public string $coatWords,
        public bool $oldPicture = false,
    ) {
    }
}
