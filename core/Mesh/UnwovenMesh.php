<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Unit\Refusal;

/** No such mesh can be woven. */
final class UnwovenMesh extends Refusal
{
}
