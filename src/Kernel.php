<?php

declare(strict_types=1);

namespace Ektype\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

/** Boots Symfony. Everything that a shop owns lies in one folder, named by EKTYPE_DATA. */
final class Kernel extends BaseKernel
{
    use MicroKernelTrait;
}
