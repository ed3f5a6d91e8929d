<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** What one demand of a plate says of a mesh. */
final readonly class Judgement
{
    /**
     * @param float  $cost    in doublings of the mesh count
     * @param string $inPrint what the print loses by it, in plain words; empty where it loses nothing
     */
    public function __construct(public float $cost, public bool $holds, public string $reason, public string $inPrint = '')
    {
    }
}
