<?php

declare(strict_types=1);

namespace Ektype\App\Query\Hand;

/** What a page can take back, and do again. */
final readonly class OfHand
{
    /**
     * @param string $undoes what undo takes back; empty where nothing
     * @param string $redoes what redo does again; empty where nothing
     */
    public function __construct(public string $undoes, public string $redoes)
    {
    }
}
