<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

/** A row of the database as it stood before and after a change; null where it was not there. */
final readonly class TouchedRow
{
    private const ADDED_TO = ['job', 'plate', 'dark_room'];

    /**
     * @param array<string, scalar|null>|null $before
     * @param array<string, scalar|null>|null $after
     */
    public function __construct(public string $table, public int $id, public ?array $before, public ?array $after)
    {
    }

    /**
     * The parts of the shop that it belongs to: two changes that share one get in each other’s way. A plate is a part of its
     * own within its job; a stencil and a reading of tension belong to their frame, a burned stencil to its plate too.
     *
     * @return list<string>
     */
    public function parts(): array
    {
        $whole = $this->before === null || $this->after === null;
        $parts = match ($this->table) {
            'plate' => ['plate '.$this->id, ...($whole ? $this->named('job', 'job_id') : []), ...$this->named('frame', 'frame_id')],
            'stencil' => [...$this->named('frame', 'frame_id'), ...$this->named('plate', 'plate_id')],
            'tension_reading' => $this->named('frame', 'frame_id'),
            'frame_change' => [],
            default => [$this->table.' '.$this->id],
        };

        return array_values(array_unique($parts));
    }

    /** @return list<string> columns that differ; all where the row came or went */
    public function changed(): array
    {
        if ($this->before === null || $this->after === null) {
            return array_keys($this->before ?? $this->after ?? []);
        }

        return array_values(
            array_filter(
                array_keys($this->after),
                fn (string $column): bool => ($this->before[$column] ?? null) !== ($this->after[$column] ?? null),
            ),
        );
    }

    /**
     * Whether two changes set the same value of a row. Of a plan, or of what a hand has set for a plate, each field is a value;
     * to what a job or a plate keeps as a list a change adds, under the lock. What stands on a shelf is told whole.
     */
    public function setsWhat(self $other): bool
    {
        if ($this->table !== $other->table || $this->id !== $other->id) {
            return false;
        }
        foreach (array_intersect($this->changed(), $other->changed()) as $column) {
            if (!\in_array($this->table, self::ADDED_TO, true) || !self::isMany($this->after[$column] ?? null) || array_intersect($this->fields($column), $other->fields($column)) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> paths of single values within a column that this change has set */
    private function fields(string $column): array
    {
        [$before, $after] = array_map(static fn (?array $row): mixed => \is_string($row[$column] ?? null) ? json_decode($row[$column], true) : null, [$this->before, $this->after]);

        // A plan that is written down for the first time is written whole.
        return \is_array($before) && \is_array($after) && !($before === [] && isset($after['version'])) ? self::differing($before, $after, '') : [];
    }

    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     *
     * @return list<string>
     */
    private static function differing(array $before, array $after, string $within): array
    {
        if (($before !== [] && array_is_list($before)) || ($after !== [] && array_is_list($after))) {
            return [];
        }
        $paths = [];
        foreach (array_keys($before + $after) as $name) {
            [$was, $is] = [$before[$name] ?? null, $after[$name] ?? null];
            if (\is_array($was) || \is_array($is)) {
                $paths = [...$paths, ...self::differing((array) ($was ?? []), (array) ($is ?? []), $within.$name.'.')];
            } elseif ($was !== $is) {
                $paths[] = $within.$name;
            }
        }

        return $paths;
    }

    private static function isMany(mixed $value): bool
    {
        return \is_string($value) && preg_match('/^[\[{]/', $value) === 1;
    }

    public function isUnchanged(): bool
    {
        return $this->before === $this->after;
    }

    public function back(): self
    {
        return new self($this->table, $this->id, $this->after, $this->before);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['table' => $this->table, 'id' => $this->id, 'before' => $this->before, 'after' => $this->after];
    }

    /** @return list<string> */
    private function named(string $what, string $column): array
    {
        $here = [];
        foreach ([$this->before[$column] ?? null, $this->after[$column] ?? null] as $id) {
            if (\is_int($id)) {
                $here[] = $what.' '.$id;
            }
        }

        // Where a plate keeps its frame, the frame is not touched.
        return $this->table === 'plate' && $column === 'frame_id' && \count($here) === 2 && $here[0] === $here[1] ? [] : $here;
    }
}
