<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/**
 * What was given as JSON, read one named value at a time. Every reading either gives the type asked for or
 * refuses with the path of the value and a plain sentence; nothing is clamped or guessed.
 */
final readonly class Given
{
    /** @param array<array-key, mixed> $values */
    private function __construct(private array $values, private string $path)
    {
    }

    /** @throws Refusal when the text is not a JSON object */
    public static function fromJson(string $json): self
    {
        try {
            $values = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw Refusal::because('The input is not JSON ('.$e->getMessage().'), so there is nothing to reckon with. Check the brackets, commas and quotes.');
        }
        if (!\is_array($values) || ($values !== [] && array_is_list($values))) {
            throw Refusal::because('The input must be one JSON object with named values, { … }. Put the values into an object.');
        }

        return new self($values, '');
    }

    /** @param array<array-key, mixed> $values */
    public static function of(array $values, string $path = ''): self
    {
        return new self($values, $path);
    }

    public function pathOf(string $name): string
    {
        return $this->path === '' ? $name : $this->path.'.'.$name;
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** A finite number within the bounds, both included. */
    public function number(string $name, float $min = -\INF, float $max = \INF, string $unit = ''): float
    {
        $value = $this->values[$name] ?? null;
        $unit = $unit === '' ? '' : ' '.$unit;
        if ($value === null) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is missing. Give it as a number%s.', $this->pathOf($name), $unit === '' ? '' : ' in'.$unit));
        }
        if ((!\is_int($value) && !\is_float($value)) || !is_finite((float) $value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s, not a number. Give it as a plain number%s, without quotes.', $this->pathOf($name), self::shown($value), $unit === '' ? '' : ' in'.$unit));
        }
        $value = (float) $value;
        if ($value < $min || $value > $max) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s%s; it must lie %s. Check the figure and its unit.', $this->pathOf($name), self::shown($value), $unit, self::range($min, $max, $unit)));
        }

        return $value;
    }

    public function numberOr(string $name, ?float $default, float $min = -\INF, float $max = \INF, string $unit = ''): ?float
    {
        return $this->has($name) ? $this->number($name, $min, $max, $unit) : $default;
    }

    public function whole(string $name, int $min, int $max): int
    {
        $value = $this->number($name, $min, $max);
        if ($value !== floor($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s; only whole numbers count here.', $this->pathOf($name), self::shown($value)));
        }

        return (int) $value;
    }

    /** Text that is not blank. */
    public function text(string $name, int $longest = 200): string
    {
        $value = $this->values[$name] ?? null;
        if (!\is_string($value) || trim($value) === '') {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give it as text.', $this->pathOf($name), $value === null ? 'missing' : (\is_string($value) ? 'empty' : self::shown($value).', not text')));
        }
        if (mb_strlen($value) > $longest) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %d characters long and would not fit on a label. Shorten it to %d.', $this->pathOf($name), mb_strlen($value), $longest));
        }

        return trim($value);
    }

    public function textOr(string $name, string $default, int $longest = 200): string
    {
        return $this->has($name) && $this->values[$name] !== '' ? $this->text($name, $longest) : $default;
    }

    /** A day that has been, written year-month-day; null where none is given. */
    public function pastDay(string $name, \DateTimeImmutable $today): ?string
    {
        $text = $this->textOr($name, '', 10);
        if ($text === '') {
            return null;
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);
        if ($day === false || $day->format('Y-m-d') !== $text) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is no date. Write it as year-month-day, such as 2026-11-04.', $text));
        }
        if ($text > $today->format('Y-m-d')) {
            throw Refusal::at($this->pathOf($name), \sprintf('%s is still to come: this can only have been. Check the date.', $text));
        }

        return $text;
    }

    /** @param non-empty-list<string> $words */
    public function oneOf(string $name, array $words, ?string $default = null): string
    {
        $value = $default === null ? $this->text($name) : $this->textOr($name, $default);
        if (!\in_array($value, $words, true)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is “%s”, which is not known here. Use one of: %s.', $this->pathOf($name), $value, implode(', ', $words)));
        }

        return $value;
    }

    public function flag(string $name, bool $default = false): bool
    {
        $value = $this->values[$name] ?? $default;
        if (!\is_bool($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s; say true or false.', $this->pathOf($name), self::shown($value)));
        }

        return $value;
    }

    public function object(string $name): self
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || ($value !== [] && array_is_list($value))) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give it as an object, { … }.', $this->pathOf($name), $value === null ? 'missing' : 'not an object'));
        }

        return new self($value, $this->pathOf($name));
    }

    /** @return list<self> */
    public function objects(string $name, bool $mayBeMissing = false): array
    {
        $value = $this->values[$name] ?? ($mayBeMissing ? [] : null);
        if (!\is_array($value) || !array_is_list($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give it as a list, [ … ].', $this->pathOf($name), $value === null ? 'missing' : 'not a list'));
        }
        $list = [];
        foreach ($value as $i => $one) {
            if (!\is_array($one) || ($one !== [] && array_is_list($one))) {
                throw Refusal::at(\sprintf('%s[%d]', $this->pathOf($name), $i), \sprintf('“%s[%d]” is not an object, { … }.', $this->pathOf($name), $i));
            }
            $list[] = new self($one, \sprintf('%s[%d]', $this->pathOf($name), $i));
        }

        return $list;
    }

    /**
     * Two numbers, [x, y].
     *
     * @return array{float, float}
     */
    public function pair(string $name, string $unit = 'mm', float $largest = \INF): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || \count($value) !== 2 || !array_is_list($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give two numbers in %s, [x, y].', $this->pathOf($name), $value === null ? 'missing' : 'not a pair', $unit));
        }
        $both = self::of(['x' => $value[0], 'y' => $value[1]], $this->pathOf($name));

        return [$both->number('x', -$largest, $largest, $unit), $both->number('y', -$largest, $largest, $unit)];
    }

    /** @return list<int> */
    public function wholes(string $name): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || !array_is_list($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give it as a list of whole numbers.', $this->pathOf($name), $value === null ? 'missing' : 'not a list'));
        }
        $list = [];
        foreach ($value as $one) {
            if (!\is_int($one)) {
                throw Refusal::at($this->pathOf($name), \sprintf('“%s” holds %s; only whole numbers count here.', $this->pathOf($name), self::shown($one)));
            }
            $list[] = $one;
        }

        return $list;
    }

    /**
     * A list of numbers, each within the bounds.
     *
     * @return list<float>
     */
    public function numbers(string $name, float $min = -\INF, float $max = \INF, string $unit = ''): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || !array_is_list($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give it as a list of numbers.', $this->pathOf($name), $value === null ? 'missing' : 'not a list'));
        }
        $list = [];
        foreach ($value as $i => $one) {
            $list[] = self::of([$i => $one], $this->pathOf($name))->number((string) $i, $min, $max, $unit);
        }

        return $list;
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || !array_is_list($value)) {
            throw Refusal::at($this->pathOf($name), \sprintf('“%s” is %s. Give it as a list of words.', $this->pathOf($name), $value === null ? 'missing' : 'not a list'));
        }
        $list = [];
        foreach ($value as $one) {
            if (!\is_string($one)) {
                throw Refusal::at($this->pathOf($name), \sprintf('“%s” holds %s; only words count here.', $this->pathOf($name), self::shown($one)));
            }
            $list[] = $one;
        }

        return $list;
    }

    private static function shown(mixed $value): string
    {
        return match (true) {
            \is_string($value) => 'the text “'.mb_strimwidth($value, 0, 40, '…').'”',
            \is_bool($value) => $value ? 'true' : 'false',
            \is_float($value) && !is_finite($value) => 'not finite',
            \is_int($value), \is_float($value) => rtrim(rtrim(\sprintf('%.4f', $value), '0'), '.'),
            \is_array($value) => 'a list or object',
            default => 'empty',
        };
    }

    private static function range(float $min, float $max, string $unit): string
    {
        return match (true) {
            $max === \INF => 'at or above '.self::shown($min).$unit,
            $min === -\INF => 'at or below '.self::shown($max).$unit,
            default => 'between '.self::shown($min).' and '.self::shown($max).$unit,
        };
    }
}
