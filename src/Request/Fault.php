<?php

declare(strict_types=1);

namespace Ektype\App\Request;

/** What is wrong with one value that was given, and where it stands. */
final readonly class Fault
{
    /** @param string $field as it was written: “widthMm”, “tests[2].low_s”; empty for the whole */
    public function __construct(public string $field, public string $sentence)
    {
    }

    /** As RFC 6901 has it. */
    public function pointer(): string
    {
        return '#/'.strtr($this->field, ['.' => '/', '[' => '/', ']' => '']);
    }
}
