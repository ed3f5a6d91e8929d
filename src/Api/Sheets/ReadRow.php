<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Change;

/** A row as it was read: what it looks like, and the change that it asks for. */
final readonly class ReadRow
{
    /** @param Change|null $change null where there is none to make, or it cannot be made */
    public function __construct(public RowLook $look, public ?Change $change)
    {
    }
}
