<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Unit\Figure;

/** The figures of a plate’s strip, whole. */
final readonly class StripFigures
{
    public function __construct(public Figure $mesh, public Figure $stencil, public Figure $light, public Figure $offContact)
    {
    }
}
