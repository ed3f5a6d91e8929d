<?php

declare(strict_types=1);

namespace Ektype\App\Query\Now;

/** The shop in one glance, asked every second or two by every page that is looked at. */
final readonly class Now
{
    /**
     * @param int          $turn    moves with every change: what was told at an earlier one is asked anew
     * @param list<Notice> $notices what everybody should know
     */
    public function __construct(public int $turn, public array $notices)
    {
    }
}
