<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Request\Words;
use Ektype\Core\Registration\Reading;
use Symfony\Component\Validator\Constraints as Assert;

/** Where a plate landed at a mark, less where the key landed. */
final readonly class MarkRead
{
    public function __construct(
        #[Words(60)]
        public string $mark,
        #[Assert\Valid]
        public MarkPlace $at,
        #[Assert\Valid]
        public MarkOff $off,
    ) {
    }

    public function reading(): Reading
    {
        return new Reading($this->mark, $this->at->xMm, $this->at->yMm, $this->off->xMm, $this->off->yMm);
    }
}
