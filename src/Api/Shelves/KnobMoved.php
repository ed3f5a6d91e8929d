<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\Core\Registration\Reading;
use Symfony\Component\Validator\Constraints as Assert;

/** How far the print moved at one of its marks. */
final readonly class KnobMoved
{
    public function __construct(
        #[Assert\Valid]
        public KnobPoint $at,
        #[Assert\Valid]
        public KnobPoint $by,
    ) {
    }

    public function reading(): Reading
    {
        return new Reading('', $this->at->xMm, $this->at->yMm, $this->by->xMm, $this->by->yMm);
    }
}
