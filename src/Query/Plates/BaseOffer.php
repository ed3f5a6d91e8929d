<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\Core\Method\Spot\SeenChange;

/** An ink of the art that could serve as the base too: a screen is saved. */
final readonly class BaseOffer
{
    public function __construct(public string $name, public string $hex, public SeenChange $change)
    {
    }
}
