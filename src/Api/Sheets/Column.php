<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** A column as its head names it, and the field that it fills. */
final readonly class Column
{
    private function __construct(public string $head, public string $field, public ColumnKind $kind)
    {
    }

    public static function text(string $head, string $field): self
    {
        return new self($head, $field, ColumnKind::Text);
    }

    public static function number(string $head, string $field): self
    {
        return new self($head, $field, ColumnKind::Number);
    }

    /** Yellow mesh or white. */
    public static function mesh(string $head, string $field): self
    {
        return new self($head, $field, ColumnKind::MeshColour);
    }

    /** As a cell holds it. */
    public function cell(string|float|bool|null $value): string
    {
        return match (true) {
            $value === null => '',
            \is_bool($value) => $value ? 'yellow' : 'white',
            \is_float($value) => rtrim(rtrim(\sprintf('%.4F', $value), '0'), '.'),
            default => $value,
        };
    }

    /**
     * What a cell says; as it was written where that is no number, so that it is refused at its place.
     *
     * @return string|float|bool|null null where it is empty
     */
    public function value(string $cell): string|float|bool|null
    {
        $cell = trim($cell);

        return match (true) {
            $cell === '' => $this->kind === ColumnKind::Text ? '' : null,
            $this->kind === ColumnKind::Number => self::numberIn($cell),
            $this->kind === ColumnKind::MeshColour => ['yellow' => true, 'white' => false][strtolower($cell)] ?? $cell,
            default => $cell,
        };
    }

    /** Spreadsheets write 21.5 or 21,5, as their country does. */
    private static function numberIn(string $cell): string|float
    {
        $plain = strtr($cell, [',' => '.', '−' => '-', "\u{a0}" => '', ' ' => '']);

        return is_numeric($plain) ? (float) $plain : $cell;
    }
}
