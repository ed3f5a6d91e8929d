<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Change;

/** One shelf as a table that any spreadsheet reads and writes: its columns, its rows, and what a row becomes. */
interface Sheet
{
    /** @return list<Column> */
    public function columns(): array;

    /** @return list<array<string, string|float|bool|null>> what stands on the shelf, by field */
    public function standing(): array;

    /** @return class-string */
    public function row(): string;

    /** What tells a row from others: the label of a frame, the name of an ink. */
    public function key(object $row): string;

    /** @throws \Ektype\Core\Unit\Refusal where the shop cannot take it */
    public function change(object $row): Change;
}
