<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** A knob as corrections have shown it. */
final readonly class LearnedKnob
{
    /**
     * @param float $reachMm how sure the pitch is, nine times in ten, mm a turn
     * @param float $playMm  lost at the frame whenever the way changes
     */
    public function __construct(
        public string $name,
        public float $mmPerTurn,
        public float $reachMm,
        public float $playMm,
        public float $playReachMm,
        public int $pairs,
        public bool $turnsTheOtherWay,
    ) {
    }

    public function says(): string
    {
        return \sprintf(
            '%s: %.2f mm a turn, give or take %.2f, from %d correction%s%s%s.',
            $this->name,
            $this->mmPerTurn,
            $this->reachMm,
            $this->pairs,
            $this->pairs === 1 ? '' : 's',
            $this->playMm > $this->playReachMm ? \sprintf('; it loses %.2f mm when the way changes: come to the mark from one side', $this->playMm) : '',
            $this->turnsTheOtherWay ? '; it moves the other way than its profile says: change its direction there' : '',
        );
    }
}
