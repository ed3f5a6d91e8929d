<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Registration\KnobPair;
use Ektype\Core\Registration\LearnedKnob;
use Ektype\Core\Registration\PressLog;
use Ektype\Core\Registration\UnusableKnob;
use Symfony\Component\Validator\Constraints as Assert;

/** What was done at a press and what came of it. */
final readonly class PressLogAsked
{
    /**
     * @param list<KnobLogAsked> $knobs
     * @param list<DragAsked>    $strikeOffs
     */
    public function __construct(
        #[Assert\Valid]
        public array $knobs = [],
        #[Assert\Valid]
        public array $strikeOffs = [],
    ) {
    }

    /**
     * @return list<LearnedKnob>
     *
     * @throws UnusableKnob
     */
    public function learned(): array
    {
        $learned = [];
        foreach ($this->knobs as $i => $knob) {
            try {
                $learned[] = PressLog::learn($knob->knob->knob(), array_map(static fn (KnobPairAsked $p): KnobPair => new KnobPair($p->turns, $p->movedMm), $knob->corrections));
            } catch (UnusableKnob $not) {
                throw $not->within(\sprintf('knobs[%d]', $i));
            }
        }

        return $learned;
    }

    /** @return list<DragSeen> */
    public function dragSeen(): array
    {
        return array_map(static fn (DragAsked $d): DragSeen => new DragSeen($d->ink, $d->offContactMm, $d->tensionNPerCm, $d->alongStrokeMm), $this->strikeOffs);
    }

    /** @return list<string> */
    public function inks(): array
    {
        return array_values(array_unique(array_map(static fn (DragAsked $d): string => $d->ink, $this->strikeOffs)));
    }
}
