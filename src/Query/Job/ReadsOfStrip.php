<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What a strip shows at a glance. */
final readonly class ReadsOfStrip
{
    public function __construct(
        public Readout $mesh,
        public Readout $stencil,
        public Readout $light,
        public Readout $offContact,
    ) {
    }
}
