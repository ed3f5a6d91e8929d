<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Action\Change;
use Ektype\App\Request\Fault;
use Ektype\App\Request\FieldWords;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Unit\Refusal;

/** Writes shelves as tables, and reads tables that are brought: row by row, each fault at its row. */
final readonly class Sheets
{
    public function __construct(
        private RackSheet $rack,
        private InksSheet $inks,
        private TestsSheet $tests,
        private TensionsSheet $tensions,
        private RequestReader $reader,
    ) {
    }

    public function csv(SheetKind $kind): string
    {
        $sheet = $this->of($kind);
        $columns = $sheet->columns();

        return CsvTable::written([
            array_map(static fn (Column $c): string => $c->head, $columns),
            ...array_map(
                static fn (array $row): array => array_map(static fn (Column $c): string => $c->cell($row[$c->field] ?? null), $columns),
                $sheet->standing(),
            ),
        ]);
    }

    /** @throws UnreadableRequest where it is no table of that shelf */
    public function look(SheetKind $kind, string $csv): SheetLook
    {
        return new SheetLook(array_map(static fn (ReadRow $r): RowLook => $r->look, $this->rows($kind, $csv)));
    }

    /**
     * The changes of the rows that can be taken; those with faults are left out, as the look has told.
     *
     * @return list<Change>
     */
    public function changes(SheetKind $kind, string $csv): array
    {
        return array_values(array_filter(array_map(static fn (ReadRow $r): ?Change => $r->change, $this->rows($kind, $csv))));
    }

    private function of(SheetKind $kind): Sheet
    {
        return match ($kind) {
            SheetKind::Rack => $this->rack,
            SheetKind::Inks => $this->inks,
            SheetKind::Tests => $this->tests,
            SheetKind::Tensions => $this->tensions,
        };
    }

    /** @return list<ReadRow> */
    private function rows(SheetKind $kind, string $csv): array
    {
        $sheet = $this->of($kind);
        $table = CsvTable::read($csv);
        $columns = self::columns($sheet, $table[0]);
        $standing = array_map(
            static fn (array $row): string => implode("\0", array_map(static fn (Column $c): string => $c->cell($row[$c->field] ?? null), $sheet->columns())),
            $sheet->standing(),
        );
        $keys = array_map(static fn (array $row): string => (string) ($row['label'] ?? $row['name'] ?? ''), $sheet->standing());
        $read = [];
        $seen = [];
        foreach (\array_slice($table, 1, null, true) as $i => $cells) {
            if (trim(implode('', $cells)) === '') {
                continue;
            }
            $read[] = $this->read($sheet, $columns, $cells, $i + 1, $standing, $keys, seen: $seen);
        }

        return $read;
    }

    /**
     * @param array<int, Column> $columns  by their place in the table
     * @param list<string>       $cells
     * @param list<string>       $standing what stands on the shelf, each row as one text
     * @param list<string>       $keys     labels or names that stand there
     * @param array<string, int> $seen     rows that were read, by what tells them apart
     */
    private function read(Sheet $sheet, array $columns, array $cells, int $number, array $standing, array $keys, array &$seen): ReadRow
    {
        $values = [];
        foreach ($columns as $place => $column) {
            $value = $column->value($cells[$place] ?? '');
            if ($value !== null) {
                $values[$column->field] = $value;
            }
        }
        $what = mb_strimwidth(implode(', ', array_filter(array_map(trim(...), $cells), static fn (string $c): bool => $c !== '')), 0, 80, '…');
        $not = static fn (string ...$faults): ReadRow => new ReadRow(new RowLook($number, $what, RowBecomes::Bad, array_values($faults)), null);
        $text = implode("\0", array_map(static fn (Column $c): string => $c->cell($values[$c->field] ?? null), $sheet->columns()));
        if (\in_array($text, $standing, true)) {
            return new ReadRow(new RowLook($number, $what, RowBecomes::Same, []), null);
        }
        try {
            // An empty text is one that was not told.
            $row = $this->reader->values(array_filter($values, static fn (string|float|bool $v): bool => $v !== ''), $sheet->row());
            $key = $sheet->key($row);
            if ($key !== '' && isset($seen[$key])) {
                return $not(\sprintf('There are two rows of %s, this and row %d. Leave one of them out.', $key, $seen[$key]));
            }
            $seen[$key] = $number;
            $change = $sheet->change($row);
        } catch (UnreadableRequest $unreadable) {
            return $not(...array_map(static fn (Fault $f): string => self::atItsColumn($f, $columns), $unreadable->faults));
        } catch (Refusal $refused) {
            return $not($refused->getMessage());
        }
        $known = $key !== '' && \in_array(trim((string) preg_replace('/^(frame|ink) /', '', $key)), $keys, true);

        return new ReadRow(new RowLook($number, $what, $known ? RowBecomes::Changed : RowBecomes::Fresh, []), new ChangeOfRow($number, $change));
    }

    /**
     * A fault in the words of the table’s own heads.
     *
     * @param array<int, Column> $columns
     */
    private static function atItsColumn(Fault $fault, array $columns): string
    {
        foreach ($columns as $column) {
            if ($column->field === $fault->field) {
                return strtr($fault->sentence, ['“'.FieldWords::of($fault->field).'”' => '“'.$column->head.'”']);
            }
        }

        return $fault->sentence;
    }

    /**
     * @param list<string> $heads
     *
     * @return array<int, Column> by their place
     *
     * @throws UnreadableRequest where a head is not known, stands twice, or one that is needed is missing
     */
    private static function columns(Sheet $sheet, array $heads): array
    {
        $known = [];
        foreach ($sheet->columns() as $column) {
            $known[self::bare($column->head)] = $column;
        }
        $found = [];
        foreach ($heads as $place => $head) {
            if (trim($head) === '') {
                continue;
            }
            $column = $known[self::bare($head)] ?? throw UnreadableRequest::at('file', \sprintf(
                'Row 1: the column “%s” is not known here. The columns are: %s. Name it so, or leave it out.',
                mb_strimwidth($head, 0, 40, '…'),
                implode('; ', array_map(static fn (Column $c): string => $c->head, $sheet->columns())),
            ));
            if (\in_array($column, $found, true)) {
                throw UnreadableRequest::at('file', \sprintf('Row 1: the column “%s” stands there twice. Leave one of them out.', $column->head));
            }
            $found[$place] = $column;
        }

        return $found;
    }

    /** Heads are told apart by their letters and figures. */
    private static function bare(string $head): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}%]+/u', '', mb_strtolower($head));
    }
}
