<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Order\SizeCount;

/** So many pieces of one size. */
final readonly class SizeTold
{
    public function __construct(
        #[Words(12)]
        public string $size,
        #[Within(0, 1_000_000)]
        public int $pieces,
    ) {
    }

    public function count(): SizeCount
    {
        return new SizeCount(trim($this->size), $this->pieces);
    }
}
