<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\Light\RecordStepTest;
use Ektype\App\Request\TestTimes;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\StripSeen;
use Ektype\Core\Unit\Beside;
use Symfony\Component\Validator\Constraints as Assert;

/** What was read from a step test. */
final readonly class NewStepTest
{
    /** @param list<StripTold> $strips what each showed */
    public function __construct(
        public int $lampId,
        public int $emulsionId,
        #[Within(5, 2000, 'µm')]
        public float $thicknessUm,
        #[Beside, Assert\Valid]
        public TestTimes $times,
        public bool $dyed = false,
        #[Words(200, mayBeEmpty: true)]
        public string $remark = '',
        #[Words(60, mayBeEmpty: true)]
        public ?string $film = null,
        #[Assert\Valid]
        public array $strips = [],
    ) {
    }

    /** @throws UnusableTest */
    public function change(): RecordStepTest
    {
        return new RecordStepTest(
            $this->lampId,
            $this->emulsionId,
            $this->thicknessUm,
            $this->times->read(),
            $this->dyed,
            $this->remark,
            film: $this->film === null ? null : trim($this->film),
            strips: array_map(static fn (StripTold $s): StripSeen => $s->seen(), $this->strips),
            burnedNow: $this->strips !== [] || $this->times->burnedS !== null,
        );
    }
}
