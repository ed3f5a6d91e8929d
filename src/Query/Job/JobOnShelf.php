<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Unit\Beside;

/** A job on the shelf of jobs. */
final readonly class JobOnShelf implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param string $stands where it stands, in words
     * @param string $waits  what it waits for; empty once it is done
     */
    public function __construct(
        public int $id,
        public string $name,
        #[Beside]
        public OrderOnShelf $order,
        #[Beside]
        public GarmentOnShelf $on,
        #[Beside]
        public PrintOnShelf $print,
        public string $stands,
        public string $waits,
    ) {
    }
}
