<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

/** Where a page stands: undo takes back what was done there, a job’s on the job, a shelf’s on the shelf. */
final readonly class Place
{
    private const SHELVES = [
        'jobs' => ['job', 'plate'],
        'rack' => ['frame', 'tension_reading', 'stencil', 'own_mesh'],
        'darkroom' => ['dark_room', 'frame', 'stencil'],
        'inks' => ['ink'],
        'lamps' => ['lamp', 'emulsion', 'step_test'],
        'presses' => ['press', 'film_printer', 'chart_read', 'correction'],
    ];
    private const JOB = '/^job-([0-9]{1,9})$/';
    public const PATTERN = '/^$|^job-[0-9]{1,9}$|^(jobs|rack|darkroom|inks|lamps|presses)$/';

    /**
     * @param list<string>|null        $tables of a shelf; null where it is none
     * @param array<string, list<int>> $own    rows of a job, by table
     */
    private function __construct(private ?array $tables, private array $own)
    {
    }

    /** @param string $name as {@see PATTERN} has it; empty is everywhere */
    public static function shelf(string $name): self
    {
        return new self(self::SHELVES[$name] ?? null, []);
    }

    public static function jobIn(string $name): ?int
    {
        return preg_match(self::JOB, $name, $found) === 1 ? (int) $found[1] : null;
    }

    /**
     * @param list<int> $plates of the job
     * @param list<int> $frames that they stand on
     */
    public static function job(int $job, array $plates, array $frames): self
    {
        return new self([], ['job' => [$job], 'plate' => $plates, 'frame' => $frames]);
    }

    public function has(Change $change): bool
    {
        if ($this->tables === null) {
            return true;
        }
        foreach ($change->rows() as $row) {
            if (\in_array($row->table, $this->tables, true) || \in_array($row->id, $this->own[$row->table] ?? [], true)) {
                return true;
            }
            foreach ($this->own as $what => $ids) {
                if (\in_array($row->before[$what.'_id'] ?? null, $ids, true) || \in_array($row->after[$what.'_id'] ?? null, $ids, true)) {
                    return true;
                }
            }
        }

        return false;
    }
}
