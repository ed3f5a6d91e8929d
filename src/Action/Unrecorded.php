<?php

declare(strict_types=1);

namespace Ektype\App\Action;

/** A change that undo does not take back by itself. */
interface Unrecorded extends Change
{
}
