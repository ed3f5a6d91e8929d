<?php

declare(strict_types=1);

namespace Ektype\App\Api;

use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Ektype', description: 'From a picture and a garment to a strike-off in register. Errors are problem details (RFC 9457).')]
final class Description
{
}
