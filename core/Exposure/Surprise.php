<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Learn\NormalCurve;

/** How well a test agrees with all the others, and what is likely wrong where it does not. */
final readonly class Surprise
{
    /**
     * From here on a test is named (heuristic): on simulated shops with one misreading in ten it finds four of five of
     * them and blames one good reading in twenty.
     */
    private const NAMED_FROM = 0.14;
    /** So near ten times, or a tenth, is a slip of a digit (ln). */
    private const DIGIT_LN = 0.45;

    /** Whether it is named as one that disagrees. */
    public bool $disagrees;

    /**
     * @param int        $test      which one
     * @param float|null $readS     what was read of it, s; the limit where it told one side only
     * @param float      $expectedS what the others expect, s
     * @param float      $lowS      of it, nine times in ten
     * @param float      $slip      how likely it is a slip
     * @param bool|null  $isAbove   of a test that told one side only
     */
    public function __construct(
        public int $test,
        public ?float $readS,
        public float $expectedS,
        public float $lowS,
        public float $highS,
        public float $slip,
        public ?bool $isAbove,
    ) {
        $this->disagrees = $slip >= self::NAMED_FROM;
    }

    /** How far the reading lies from what the others expect, in their own standard deviations of ln. */
    public function deviations(): float
    {
        return log(($this->readS ?? $this->expectedS) / $this->expectedS) / max(1e-6, log($this->highS / $this->lowS) / 2 / NormalCurve::NINETY);
    }

    /** In words; empty where it agrees. */
    public function says(): string
    {
        if (!$this->disagrees || $this->readS === null) {
            return '';
        }
        $factor = $this->readS / $this->expectedS;

        return \sprintf(
            '%s where the other tests expect about %s (%s to %s): %.1f times too %s. %s Read the screen again, or set the test aside.',
            match ($this->isAbove) {
                null => 'It reads '.TimerSetting::words($this->readS),
                true => 'It was still under at '.TimerSetting::words($this->readS),
                false => 'It was over already at '.TimerSetting::words($this->readS),
            },
            TimerSetting::words($this->expectedS),
            TimerSetting::words($this->lowS),
            TimerSetting::words($this->highS),
            $factor > 1 ? $factor : 1 / $factor,
            $factor > 1 ? 'long' : 'short',
            $this->reasons($factor),
        );
    }

    private function reasons(float $factor): string
    {
        return match (true) {
            abs(abs(log($factor)) - log(10)) < self::DIGIT_LN => 'Likely a slip of a digit: was the point in its place?',
            $factor > 1 => 'Likely reasons: the stencil was still damp, it is thicker than was told, or a tired lamp; or strips counted from the wrong end.',
            default => 'Likely reasons: a film that lets light through its dark parts, poor contact that closed the lines early, a stencil thinner than was told; or strips counted from the wrong end.',
        };
    }
}
