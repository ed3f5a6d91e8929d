<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Folder;

use Ektype\Core\Unit\Refusal;

/** A folder that is not opened as a shop. */
final class UnfitFolder extends Refusal
{
}
