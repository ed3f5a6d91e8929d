<?php

declare(strict_types=1);

namespace Ektype\App\Request;

/** What was given cannot be read as what was asked for; nothing was done. */
final class UnreadableRequest extends \RuntimeException
{
    /** @param non-empty-list<Fault> $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct($faults[0]->sentence);
    }

    public static function because(string $sentence): self
    {
        return new self([new Fault('', $sentence)]);
    }

    public static function at(string $field, string $sentence): self
    {
        return new self([new Fault($field, $sentence)]);
    }
}
