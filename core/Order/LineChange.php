<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

use Ektype\Core\Print\PrintPlan;

/** What one line of an order changes at the press. */
final readonly class LineChange
{
    public float $secondsAPiece;
    /** Of printing, with the usual pauses and without setting up. */
    public float $minutes;
    public float $inkGrams;

    /**
     * @param list<int>      $leftOut numbers of plates whose screens stay up
     * @param list<string>   $says    plain sentences
     * @param PrintPlan|null $plan    how it is printed; null where nothing is
     */
    public function __construct(
        public int $pieces,
        public array $leftOut,
        public array $says,
        private ?PrintPlan $plan,
    ) {
        $this->secondsAPiece = $plan->rhythm->secondsAPiece ?? 0.0;
        $this->minutes = $pieces === 0 ? 0.0 : ($plan?->minutes() ?? 0.0);
        $this->inkGrams = $pieces * ($plan?->gramsEach() ?? 0.0);
    }

    /** Ink of one plate for the whole line, g. */
    public function grams(int $plate): float
    {
        return $this->pieces * ($this->plan?->of($plate)->gramsEach ?? 0.0);
    }
}
