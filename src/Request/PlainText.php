<?php

declare(strict_types=1);

namespace Ektype\App\Request;

/**
 * Texts as they may go on labels, films and work orders: without characters that nobody sees, and that turn what stands
 * beside them, end it or reach the printer as commands.
 */
final class PlainText
{
    private const UNSEEN = '/[\x01-\x08\x0b\x0c\x0e-\x1f\x7f\x{80}-\x{9f}\x{200e}\x{200f}\x{202a}-\x{202e}\x{2066}-\x{2069}\x{feff}]/u';

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<array-key, mixed> the same with its texts cleaned, and every break of a line a space
     *
     * @throws UnreadableRequest where a text holds a NUL: something else was meant
     */
    public static function cleaned(array $values, string $at = ''): array
    {
        $clean = [];
        foreach ($values as $name => $value) {
            $path = $at === '' ? (string) $name : (\is_int($name) ? "{$at}[$name]" : "$at.$name");
            $clean[$name] = match (true) {
                \is_array($value) => self::cleaned($value, $path),
                \is_string($value) => self::text($value, $path),
                default => $value,
            };
        }

        return $clean;
    }

    private static function text(string $text, string $path): string
    {
        if (str_contains($text, "\0")) {
            throw UnreadableRequest::at($path, \sprintf('“%s” holds a character that cannot be written, so nothing was changed. Write it anew.', $path));
        }

        return (string) preg_replace([self::UNSEEN, '/[\r\n\t]+/'], ['', ' '], mb_scrub($text, 'UTF-8'));
    }
}
