<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Action\Art\SizePrint;
use Ektype\App\Action\Jobs\DescribeJob;
use Ektype\App\Api\Jobs\FramingPatch;
use Ektype\App\Api\Jobs\JobChanges;
use Ektype\App\Api\Jobs\Named;
use Ektype\App\Request\Within;
use Ektype\Core\Method\Spot\SpotSeparation;
use Symfony\Component\Validator\Constraints as Assert;

/** How large a job prints, where on the garment, and which part of its art. What is not named stays. */
final readonly class SizePatch implements JobChanges
{
    /**
     * @param float|null $heightMm height of the print; its width follows
     */
    public function __construct(
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public ?float $widthMm = null,
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public ?float $heightMm = null,
        #[Within(-500, 500, 'mm')]
        public ?float $acrossMm = null,
        #[Within(-500, 500, 'mm')]
        public ?float $dropMm = null,
        #[Assert\Valid]
        public ?FramingPatch $framing = null,
    ) {
    }

    public function changes(int $job): array
    {
        $named = static fn (mixed ...$values): bool => array_filter($values, static fn (mixed $one): bool => $one !== null) !== [];

        return Named::some([
            ...$named($this->acrossMm, $this->dropMm) ? [new DescribeJob($job, acrossMm: $this->acrossMm, dropMm: $this->dropMm)] : [],
            ...$named($this->widthMm, $this->heightMm, $this->framing) ? [new SizePrint($job, $this->widthMm, $this->heightMm, $this->framing?->framing())] : [],
        ]);
    }
}
