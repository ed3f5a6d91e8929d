<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Action\Screens\Came;

/** How a stencil came off. */
final readonly class Reclaimed
{
    /** @param bool $again the screen of the plate that holds the frame is made again */
    public function __construct(public Came $came, public bool $again = false)
    {
    }
}
