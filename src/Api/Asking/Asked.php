<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

/** An argument that is read from the address, behind the question mark. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Asked
{
}
