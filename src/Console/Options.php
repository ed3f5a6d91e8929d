<?php

declare(strict_types=1);

namespace Ektype\App\Console;

/** Options of a command line beside the fields that they are read into: “--width-mm” is “widthMm”. */
final class Options
{
    /**
     * @param array<mixed> $options
     * @param list<string> $names   of those that are fields
     *
     * @return array<string, mixed> what was given, by field
     */
    public static function given(array $options, array $names): array
    {
        $given = [];
        foreach ($names as $name) {
            $value = $options[$name] ?? null;
            if ($value !== null && $value !== '') {
                $given[lcfirst(str_replace('-', '', ucwords($name, '-')))] = $value;
            }
        }

        return $given;
    }

    public static function named(string $field): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $field));
    }
}
