<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/**
 * Something cannot be done with what was given. Each operation refuses with a class of its own, so that the class tells
 * what failed; “on” names the quantity at fault in the words of the trade (“thread”, “humidity”, “tests[2].low”), empty
 * where it is the whole; the message is a plain sentence for the printer: what is wrong, what it means for the print,
 * what to do. Which field of a page or a file holds the quantity is known where it was read, not here.
 */
abstract class Refusal extends \DomainException
{
    final private function __construct(public readonly string $on, string $sentence)
    {
        parent::__construct($sentence);
    }

    final public static function at(string $on, string $sentence): static
    {
        return new static($on, $sentence);
    }

    final public static function because(string $sentence): static
    {
        return new static('', $sentence);
    }

    /** The same, of one among several: “low” within “tests[2]” is “tests[2].low”. */
    final public function within(string $whole): static
    {
        return new static($this->on === '' ? $whole : $whole.'.'.$this->on, $this->getMessage());
    }
}
