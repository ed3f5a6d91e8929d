<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

/** Somebody stopped the work that is under way. */
final class StoppedByHand extends \RuntimeException
{
}
