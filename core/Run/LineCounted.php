<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A garment of the order as far as it is printed. */
final readonly class LineCounted
{
    public int $ordered;
    public int $good;
    /** The size that is printed next; null where all are done. */
    public ?string $next;

    /** @param list<SizeCounted> $sizes in the order in which they are printed */
    public function __construct(public string $words, public array $sizes, public int $misprints)
    {
        $this->ordered = array_sum(array_map(static fn (SizeCounted $s): int => $s->ordered, $sizes));
        $this->good = array_sum(array_map(static fn (SizeCounted $s): int => $s->good, $sizes));
        $left = array_values(array_filter($sizes, static fn (SizeCounted $s): bool => $s->left > 0));
        $this->next = $left[0]->size ?? null;
    }
}
