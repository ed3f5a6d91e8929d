<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Unit\Refusal;

/** A patch of halftone on mesh is too large to draw. */
final class PatternTooLarge extends Refusal
{
}
