<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

/**
 * What was written down as JSON, in the shop’s database or in a file, read one named value at a time. Every reading either
 * gives the type asked for or refuses with the path of the value and a plain sentence; nothing is clamped or guessed.
 */
final readonly class Kept
{
    /** @param array<array-key, mixed> $values */
    private function __construct(private array $values, private string $path)
    {
    }

    /** @throws UnreadableInput when the text is not a JSON object */
    public static function fromJson(string $json): self
    {
        try {
            $values = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw UnreadableInput::because(
                'The input is not JSON ('.$e->getMessage().'), so there is nothing to reckon with. Check the brackets, commas and quotes.',
            );
        }
        if (!\is_array($values) || ($values !== [] && array_is_list($values))) {
            throw UnreadableInput::because('The input must be one JSON object with named values, { … }. Put the values into an object.');
        }

        return new self($values, '');
    }

    /** @param array<array-key, mixed> $values */
    public static function of(array $values, string $path = ''): self
    {
        return new self($values, $path);
    }

    /** @return list<string> what it names */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
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
    public function number(string $name, float $min = -\INF, float $max = \INF): float
    {
        $value = $this->values[$name] ?? null;
        if ((!\is_int($value) && !\is_float($value)) || !is_finite((float) $value)) {
            throw $this->unreadable($name, 'a number');
        }
        if ($value < $min || $value > $max) {
            throw UnreadableInput::at(
                $this->pathOf($name),
                \sprintf(
                    '“%s” is %g; it must lie between %g and %g. Check the figure and its unit.',
                    $this->pathOf($name),
                    $value,
                    $min,
                    $max,
                ),
            );
        }

        return (float) $value;
    }

    public function numberOr(string $name, ?float $default): ?float
    {
        return $this->has($name) ? $this->number($name) : $default;
    }

    public function whole(string $name, int $min, int $max): int
    {
        $value = $this->number($name, $min, $max);

        return $value === floor($value) ? (int) $value : throw $this->unreadable($name, 'a whole number');
    }

    /** Text that is not blank. */
    public function text(string $name, int $longest = 200): string
    {
        $value = $this->values[$name] ?? null;
        if (!\is_string($value) || trim($value) === '' || mb_strlen($value) > $longest) {
            throw $this->unreadable($name, \sprintf('text of up to %d characters', $longest));
        }

        return trim($value);
    }

    public function textOr(string $name, string $default, int $longest = 200): string
    {
        return $this->has($name) && $this->values[$name] !== '' ? $this->text($name, $longest) : $default;
    }

    public function flag(string $name): bool
    {
        $value = $this->values[$name] ?? false;

        return \is_bool($value) ? $value : throw $this->unreadable($name, 'true or false');
    }

    public function object(string $name): self
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || ($value !== [] && array_is_list($value))) {
            throw $this->unreadable($name, 'an object, { … }');
        }

        return new self($value, $this->pathOf($name));
    }

    /** @return list<self> */
    public function objects(string $name, bool $mayBeMissing = false): array
    {
        $value = $this->values[$name] ?? ($mayBeMissing ? [] : null);
        if (!\is_array($value) || !array_is_list($value)) {
            throw $this->unreadable($name, 'a list, [ … ]');
        }
        $list = [];
        foreach ($value as $i => $one) {
            $at = \sprintf('%s[%d]', $name, $i);
            $list[] = \is_array($one) ? new self($one, $this->pathOf($at)) : throw $this->unreadable($at, 'an object, { … }');
        }

        return $list;
    }

    /**
     * Two numbers, [x, y].
     *
     * @return array{float, float}
     */
    public function pair(string $name): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value) || \count($value) !== 2 || !array_is_list($value)) {
            throw $this->unreadable($name, 'two numbers, [x, y]');
        }
        $both = new self(['x' => $value[0], 'y' => $value[1]], $this->pathOf($name));

        return [$both->number('x'), $both->number('y')];
    }

    /** @return list<string> nothing where it is missing */
    public function texts(string $name): array
    {
        return array_map(
            fn (mixed $one): string => \is_string($one) ? $one : throw $this->unreadable($name, 'a list of words'),
            array_values($this->lists($name)),
        );
    }

    /** @return array<string, string> nothing where it is missing */
    public function words(string $name): array
    {
        return $this->named($name, fn (mixed $one): string => \is_string($one) ? $one : throw $this->unreadable($name, 'words by name'));
    }

    /** @return array<string, int> nothing where it is missing */
    public function wholes(string $name): array
    {
        return $this->named($name, fn (mixed $one): int => \is_int($one) ? $one : throw $this->unreadable($name, 'whole numbers by name'));
    }

    /** @return array<string, float> nothing where it is missing */
    public function measures(string $name): array
    {
        return $this->named(
            $name,
            fn (mixed $one): float => \is_int($one) || \is_float($one) ? (float) $one : throw $this->unreadable($name, 'numbers by name'),
        );
    }

    /** @return array<string, bool> nothing where it is missing */
    public function answers(string $name): array
    {
        return $this->named($name, fn (mixed $one): bool => \is_bool($one) ? $one : throw $this->unreadable($name, 'answers by name'));
    }

    /** @return array<array-key, mixed> a list or map as it is; nothing where it is missing */
    public function lists(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return \is_array($value) ? $value : throw $this->unreadable($name, 'a list, [ … ]');
    }

    /**
     * @template T
     *
     * @param \Closure(mixed): T $read
     *
     * @return array<string, T>
     */
    private function named(string $name, \Closure $read): array
    {
        $map = [];
        foreach ($this->lists($name) as $key => $value) {
            $map[(string) $key] = $read($value);
        }

        return $map;
    }

    private function unreadable(string $name, string $as): UnreadableInput
    {
        $path = $this->pathOf($name);

        return UnreadableInput::at(
            $path,
            \sprintf('“%s” is %s. Give it as %s.', $path, \array_key_exists($name, $this->values) ? 'not that' : 'missing', $as),
        );
    }
}
