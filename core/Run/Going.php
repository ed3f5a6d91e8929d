<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** How a run goes against the clock. */
final readonly class Going
{
    /**
     * @param int      $done   pieces of work: good ones, or on a table the colours laid, as whole pieces
     * @param int      $ahead  pieces ahead of the rhythm that was reckoned; below zero behind it
     * @param int|null $doneMs when the last piece is off; null where it is, or nobody knows
     */
    public function __construct(public Pace $pace, public int $done, public int $ahead, public ?int $doneMs, public ?int $endedMs)
    {
    }
}
