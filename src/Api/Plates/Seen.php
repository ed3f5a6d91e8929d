<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\Core\Exposure\SinkCheck;

/** What was seen at the sink. */
final readonly class Seen
{
    /** @param bool $forget takes back what was seen before */
    public function __construct(
        public bool $scum = false,
        public bool $pinholes = false,
        public bool $lostDots = false,
        public bool $closedLines = false,
        public bool $blur = false,
        public bool $forget = false,
    ) {
    }

    public function check(): ?SinkCheck
    {
        return $this->forget ? null : new SinkCheck($this->scum, $this->pinholes, $this->lostDots, $this->closedLines, $this->blur);
    }
}
