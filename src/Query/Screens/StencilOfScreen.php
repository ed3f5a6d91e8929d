<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\Reckoning\Coat;
use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\Core\Unit\Figure;

/** The stencil on it. */
final readonly class StencilOfScreen
{
    /**
     * @param StencilNow|null $stencilNow what is on its frame
     */
    public function __construct(
        public Figure $stencil,
        public Coat $coat,
        public ?StencilNow $stencilNow,
        public ?float $gaugedEomUm,
    ) {
    }
}
