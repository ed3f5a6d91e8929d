<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What must be done next, in one sentence with its button. */
final readonly class NextStep
{
    /**
     * @param string    $stage   where it is done
     * @param Does      $does    what the button does
     * @param int|null  $plateId for which plate; null for the whole job
     * @param Look|null $look    the part of the stage where it is done; null where it is the first
     */
    public function __construct(
        public string $stage,
        public string $sentence,
        public string $button,
        public Does $does = Does::Go,
        public ?int $plateId = null,
        public ?Look $look = null,
    ) {
    }
}
