<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** How the squares of a mixture are spread. */
enum Diffusion: string
{
    /** What a square is off is given on to its neighbours. */
    case Errors = 'error diffusion';
    /** Each square has a threshold of its own, even among its neighbours. */
    case BlueNoise = 'blue noise';
}
