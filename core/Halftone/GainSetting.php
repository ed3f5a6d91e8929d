<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Ink\InkKind;

/** What the gain of a press depends on: a chart that was read at one setting is borrowed by those near it. */
final readonly class GainSetting
{
    /** How far a setting with another press, kind of ink or number of strokes is, and one with twice the threads or the ruling (heuristic). */
    private const OTHER_PRESS = 2.0;
    private const OTHER_INK = 1.5;
    private const A_STROKE = 0.5;
    private const TWICE_THE_THREADS = 1.0;
    private const TWICE_THE_RULING = 2.0;
    /** Threads and rulings within so much of each other are one (heuristic). */
    private const ALIKE = 0.06;

    /**
     * @param int|null   $press        number of the press; null where none is known
     * @param float|null $threadsPerCm of the mesh; null where none is known
     * @param float      $lpi          lines per inch
     */
    public function __construct(
        public ?int $press,
        public ?float $threadsPerCm,
        public ?InkKind $ink,
        public float $lpi,
        public int $strokes,
    ) {
    }

    /** @return float 0 for the same */
    public function distance(self $other): float
    {
        return ($this->otherPress($other) ? self::OTHER_PRESS : 0.0)
            + ($this->otherInk($other) ? self::OTHER_INK : 0.0)
            + self::A_STROKE * abs($this->strokes - $other->strokes)
            + self::TWICE_THE_THREADS * self::doublings($this->threadsPerCm, $other->threadsPerCm)
            + self::TWICE_THE_RULING * self::doublings($this->lpi, $other->lpi);
    }

    /** @return list<string> in which a chart of another setting is not of this one */
    public function differs(self $other): array
    {
        return [
            ...$this->otherPress($other) ? ['another press'] : [],
            ...self::doublings($this->threadsPerCm, $other->threadsPerCm) > 0 ? [\sprintf('mesh of %.0f threads per cm', $other->threadsPerCm)] : [],
            ...$this->otherInk($other) ? ['another kind of ink'] : [],
            ...self::doublings($this->lpi, $other->lpi) > 0 ? [\sprintf('%.0f lines per inch', $other->lpi)] : [],
            ...$this->strokes !== $other->strokes ? [$other->strokes === 1 ? 'one stroke' : $other->strokes.' strokes'] : [],
        ];
    }

    private function otherPress(self $other): bool
    {
        return $this->press !== null && $other->press !== null && $this->press !== $other->press;
    }

    private function otherInk(self $other): bool
    {
        return $this->ink !== null && $other->ink !== null && $this->ink !== $other->ink;
    }

    private static function doublings(?float $one, ?float $two): float
    {
        if ($one === null || $two === null || $one <= 0 || $two <= 0) {
            return 0.0;
        }
        $log = abs(log($one / $two));

        return $log < self::ALIKE ? 0.0 : $log / \M_LN2;
    }
}
