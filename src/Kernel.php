<?php

declare(strict_types=1);

namespace Ektype\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

/** Boots Symfony. Everything that a shop owns lies in one folder, named by EKTYPE_DATA. */
final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function boot(): void
    {
        // What the shop writes is for its owner to read, nobody else of this machine.
        umask(0o077);
        parent::boot();
    }
}
