<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** One row of a brought table. */
final readonly class RowLook
{
    /**
     * @param int          $row    as a spreadsheet counts, the heads are row 1
     * @param string       $what   the row in short
     * @param list<string> $faults plain sentences; none where it can be taken
     */
    public function __construct(public int $row, public string $what, public RowBecomes $becomes, public array $faults)
    {
    }
}
