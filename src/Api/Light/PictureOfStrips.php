<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Words;
use Ektype\Core\Exposure\UnusableTest;

/** What is said beside a picture of strips. */
final readonly class PictureOfStrips
{
    /** @param string $seconds of each strip from the top, with commas between */
    public function __construct(
        #[Words(200)]
        public string $seconds,
    ) {
    }

    /**
     * @return list<float>
     *
     * @throws UnusableTest where they are no times
     */
    public function times(): array
    {
        $times = [];
        foreach (explode(',', $this->seconds) as $one) {
            if (!is_numeric(trim($one)) || (float) $one <= 0) {
                throw UnusableTest::at('seconds', \sprintf('“%s” is no time of a strip. Give the seconds of each strip from the top, with commas between.', mb_strimwidth(trim($one), 0, 20, '…')));
            }
            $times[] = (float) $one;
        }

        return $times;
    }
}
