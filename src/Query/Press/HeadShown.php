<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** A head of the press, or a round of one that prints with one frame at a time. */
final readonly class HeadShown
{
    /** @param int|null $plateId null where no screen stands there */
    public function __construct(public int $number, public ?int $plateId, public bool $flash, public string $says)
    {
    }
}
