<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\Light\FilterFields;
use Ektype\App\Action\Light\RecordStepTest;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\StepTest\StripSeen;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** What was read from a step test. */
final readonly class NewStepTest
{
    /**
     * @param float|null      $lowS       longest strip that was still under
     * @param float|null      $highS      shortest strip that was already over
     * @param float|null      $incrementS length of each step, where strips were burned in several
     * @param list<StripTold> $strips     what each showed
     * @param float|null      $burnedS    of a filter film: its one burn
     * @param float|null      $lowFilter  share of the light that the field passes that was still under
     * @param float|null      $bestFilter the same of the best field
     * @param float|null      $highFilter the same of the field that was already over
     */
    public function __construct(
        public int $lampId,
        public int $emulsionId,
        #[Within(5, 2000, 'µm')]
        public float $thicknessUm,
        public bool $dyed = false,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $lowS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $bestS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $highS = null,
        #[Words(200, mayBeEmpty: true)]
        public string $remark = '',
        #[Bounded(Quantity::StripSeconds)]
        public ?float $incrementS = null,
        #[Words(60, mayBeEmpty: true)]
        public string $film = '',
        #[Assert\Valid]
        public array $strips = [],
        #[Bounded(Quantity::StripSeconds)]
        public ?float $burnedS = null,
        #[Within(0.001, 1)]
        public ?float $lowFilter = null,
        #[Within(0.001, 1)]
        public ?float $bestFilter = null,
        #[Within(0.001, 1)]
        public ?float $highFilter = null,
    ) {
    }

    public function change(): RecordStepTest
    {
        return new RecordStepTest(
            $this->lampId,
            $this->emulsionId,
            $this->thicknessUm,
            $this->dyed,
            $this->lowS,
            $this->bestS,
            highS: $this->highS,
            remark: $this->remark,
            doneOn: null,
            incrementS: $this->incrementS,
            film: trim($this->film),
            strips: array_map(static fn (StripTold $s): StripSeen => $s->seen(), $this->strips),
            burnedNow: $this->strips !== [] || $this->burnedS !== null,
            fields: $this->burnedS === null ? null : new FilterFields($this->burnedS, $this->lowFilter, $this->bestFilter, $this->highFilter),
        );
    }
}
