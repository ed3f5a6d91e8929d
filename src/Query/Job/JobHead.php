<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Unit\Beside;

/** The head of a job: what every page of it shows, and the only thing that is asked again and again. */
final readonly class JobHead implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param int         $turn   of the shop: benches that were seen in another turn are stale
     * @param list<Strip> $plates in print order
     */
    public function __construct(
        public int $id,
        public int $turn,
        public string $name,
        #[Beside]
        public OrderOfJob $order,
        #[Beside]
        public GarmentOfJob $on,
        #[Beside]
        public SizeOfJob $size,
        #[Beside]
        public ToolsOfJob $tools,
        #[Beside]
        public StandingOfJob $stands,
        public array $plates,
        #[Beside]
        public NowOfJob $now,
        public string $notes,
    ) {
    }
}
