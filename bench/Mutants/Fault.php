<?php

declare(strict_types=1);

namespace Ektype\Bench\Mutants;

/** One fault that can be planted in a file: so many bytes from a place on become others. */
final readonly class Fault
{
    /** @param string $kind sign, bound, constant, branch or swapped */
    public function __construct(public string $file, public int $line, public string $kind, public int $from, public int $length, public string $becomes)
    {
    }

    /** The file with it. */
    public function planted(string $code): string
    {
        return substr_replace($code, $this->becomes, $this->from, $this->length);
    }

    public function says(string $code): string
    {
        return \sprintf('%s:%d %s: %s -> %s', $this->file, $this->line, $this->kind, trim(substr($code, $this->from, $this->length)), trim($this->becomes));
    }
}
