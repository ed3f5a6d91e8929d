<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Unit\Beside;

/**
 * The field of a request that holds the quantity which the core names at fault: “thread” of a mesh stands in “threadUm” on
 * a page and in “thread_um” in a file. The core does not know either.
 */
final class FieldAtFault
{
    /** Words at the end of a field’s name that say how it is counted, not what it is. */
    private const HOW = [
        'mm',
        'um',
        'pct',
        'c',
        'h',
        's',
        'ms',
        'm',
        'min',
        'deg',
        'id',
        'per',
        'cm',
        'inch',
        'n',
        'g',
        'days',
        'on',
        'seconds',
        'hex',
    ];

    /**
     * @param class-string|null $type what the request was read as
     *
     * @return string|null null where no field holds it
     */
    public static function of(string $on, ?string $type, Spelling $spelling = Spelling::Camel): ?string
    {
        if ($on === '' || $type === null) {
            return null;
        }
        $path = [];
        foreach (explode('.', $on) as $part) {
            [$word, $index] = [
                (string) preg_replace('/\[.*$/', '', $part),
                substr($part, \strlen((string) preg_replace('/\[.*$/', '', $part))),
            ];
            $field = $type === null ? null : self::field($word, $type);
            if ($field === null) {
                return $path === [] ? null : $spelling->path(implode('.', $path));
            }
            $path[] = $field.$index;
            $type = self::typeOf($type, $field);
        }

        return $spelling->path(implode('.', $path));
    }

    /** @param class-string $type */
    private static function field(string $word, string $type): ?string
    {
        $parts = Beside::of($type);
        $names = array_values(array_diff(array_map(static fn (\ReflectionProperty $p): string => $p->getName(), (new \ReflectionClass($type))->getProperties()), array_keys($parts)));
        if (\in_array($word, $names, true)) {
            return $word;
        }
        foreach ($names as $name) {
            if (self::bare($name) === self::bare($word)) {
                return $name;
            }
        }
        foreach ($parts as $part) {
            $within = self::field($word, $part);
            if ($within !== null) {
                return $within;
            }
        }

        return null;
    }

    private static function bare(string $name): string
    {
        $words = explode('_', strtolower((string) preg_replace('/(?<=[a-z0-9])(?=[A-Z])|(?<=[A-Z])(?=[A-Z])/', '_', $name)));
        while (\count($words) > 1 && \in_array($words[\count($words) - 1], self::HOW, true)) {
            array_pop($words);
        }

        return implode('', $words);
    }

    /**
     * @param class-string $type
     *
     * @return class-string|null of the one, or of what the list holds
     */
    public static function typeOf(string $type, string $field): ?string
    {
        foreach (property_exists($type, $field) ? [] : Beside::of($type) as $part) {
            if (property_exists($part, $field)) {
                return self::typeOf($part, $field);
            }
        }
        $of = (new \Symfony\Component\PropertyInfo\Extractor\PhpStanExtractor())->getTypes(
            $type,
            $field,
        )[0] ?? (new \Symfony\Component\PropertyInfo\Extractor\ReflectionExtractor())->getTypes($type, $field)[0] ?? null;
        $class = ($of?->getCollectionValueTypes()[0] ?? null)?->getClassName() ?? $of?->getClassName();

        return $class !== null && class_exists($class) ? $class : null;
    }
}
