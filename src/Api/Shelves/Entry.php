<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Change;

/** A thing for a shelf, as a page describes it. */
interface Entry
{
    /** @param int|null $id null for a new one */
    public function change(?int $id): Change;
}
