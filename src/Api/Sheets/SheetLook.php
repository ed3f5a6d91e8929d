<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** What a brought table would do to the shelf, before anything is done. */
final readonly class SheetLook
{
    public int $new;
    public int $changed;
    public int $same;
    public int $bad;

    /** @param list<RowLook> $rows */
    public function __construct(public array $rows)
    {
        $count = static fn (RowBecomes $as): int => \count(array_filter($rows, static fn (RowLook $r): bool => $r->becomes === $as));
        $this->new = $count(RowBecomes::Fresh);
        $this->changed = $count(RowBecomes::Changed);
        $this->same = $count(RowBecomes::Same);
        $this->bad = $count(RowBecomes::Bad);
    }
}
