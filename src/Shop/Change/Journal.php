<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Ektype\App\Shop\Written\Written;

/** What was changed, row by row, so that it can be taken back. */
final readonly class Journal
{
    public function __construct(
        public Changes $changes,
        public RowStore $rows,
        public Written $written,
    ) {
    }
}
