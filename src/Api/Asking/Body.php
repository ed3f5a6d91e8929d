<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

/** An argument that is read from the body of the request, as JSON. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Body
{
}
