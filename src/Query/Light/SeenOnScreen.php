<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\Core\Exposure\LightFault;
use Ektype\Core\Exposure\SinkCheck;

/** What was seen on it, and what that says. */
final readonly class SeenOnScreen
{
    /**
     * @param SinkCheck|null   $sinkCheck null until somebody looked
     * @param list<LightFault> $faults    what was likely wrong with what was seen, the likeliest first
     * @param string           $inkMind   what the ink of this plate does to its stencil; empty where it stands
     */
    public function __construct(
        public ?SinkCheck $sinkCheck,
        public array $faults,
        public string $says,
        public string $inkMind,
    ) {
    }
}
