<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** A figure as a strip shows it; why it is so is asked for when somebody wants to know. */
final readonly class Readout
{
    private function __construct(
        public ?float $value,
        public string $text,
        public string $unit,
        public Sign $sign,
        public ?float $low,
        public ?float $high,
    ) {
    }

    public static function of(Figure $f): self
    {
        return new self($f->value, $f->text, $f->unit, $f->sign, $f->low, $f->high);
    }
}
