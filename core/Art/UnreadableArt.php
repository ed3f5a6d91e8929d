<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Unit\Refusal;

/** A picture cannot be taken to plates. */
final class UnreadableArt extends Refusal
{
}
