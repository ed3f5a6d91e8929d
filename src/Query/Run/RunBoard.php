<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Run\LoadingGuide;
use Ektype\Core\Run\RunCount;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\StrikeOff\Approval;

/** The bench of the run: how far it is, and what the next pieces need. */
final readonly class RunBoard
{
    /**
     * @param int            $nowMs   the clock of the shop, by which a device sets its own
     * @param int            $judgeAt which print of the first is judged
     * @param list<RunEvent> $latest  the last things that were told, latest first
     * @param list<string>   $before  what went wrong when it was printed before, and what was noted
     * @param list<string>   $first   what is done before the first piece
     * @param list<string>   $known   names of the events of which a page asked whether they are kept
     */
    public function __construct(
        public RunCount $count,
        public float $reckonedS,
        public int $lookEvery,
        public string $lookAt,
        public int $judgeAt,
        public LoadingGuide $guide,
        public ?Approval $approval,
        public array $latest,
        public array $before,
        public array $known,
        public array $first,
        public int $nowMs,
        public Returns $returns,
        public ?EditionSeen $edition,
    ) {
    }
}
