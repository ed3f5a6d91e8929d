<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/**
 * Something that was given cannot be used. The message is a plain sentence for the printer: what is wrong,
 * what it means for the print, what to do. The field is the path of the value at fault, such as "tests[2].low_s".
 */
final class Refusal extends \DomainException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function at(string $field, string $sentence): self
    {
        return new self($field, $sentence);
    }

    public static function because(string $sentence): self
    {
        return new self('', $sentence);
    }
}
