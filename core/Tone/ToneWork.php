<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Unit\Chosen;

/** What a printer does to the tones of a picture before they are printed: ends, middle, a bend, crispness, and its ground. */
final readonly class ToneWork
{
    /** Ends nearer than this leave no picture between them, L*. */
    private const LEAST_SPAN = 5.0;
    public const MOST_GROUNDS = 12;
    /** Parts of a ground differ by so much of full scale, % (heuristic). */
    public const REACH = 12.0;

    /**
     * @param float                     $darkest  lightness of the picture that prints as its darkest, L*
     * @param float                     $lightest lightness that prints as its lightest, L*
     * @param float                     $middle   over 1 lifts the tones between, under 1 lowers them
     * @param float                     $crisp    how much what differs within a few millimetres is brought out, 0–1
     * @param list<array{float, float}> $grounds  places that were touched, shares of width and height: what hangs together there is the garment's
     * @param float                     $reach    how far such a ground may differ from the place touched, % of full scale
     *
     * @throws ImpossibleTone where no tones are left
     */
    public function __construct(
        #[Chosen('darkest', 'L*', 0, 100)]
        public float $darkest = 0.0,
        #[Chosen('lightest', 'L*', 0, 100)]
        public float $lightest = 100.0,
        #[Chosen('middle tone', '', 0.2, 5, option: 'middle-tone')]
        public float $middle = 1.0,
        public Bend $bend = new Bend(),
        #[Chosen('crisp', '%', 0, 100, times: 100)]
        public float $crisp = 0.0,
        #[Chosen('grounds', '', 0, self::MOST_GROUNDS, option: Chosen::NO_OPTION)]
        public array $grounds = [],
        #[Chosen('reach', '%', 0, 60)]
        public float $reach = self::REACH,
    ) {
        if ($darkest < 0 || $lightest > 100 || $lightest - $darkest < self::LEAST_SPAN) {
            throw ImpossibleTone::at('darkest', \sprintf('From lightness %g to %g no picture is left: the darkest has to lie at least %g under the lightest, both from 0 to 100.', $darkest, $lightest, self::LEAST_SPAN));
        }
        if ($middle < 0.2 || $middle > 5) {
            throw ImpossibleTone::at('middleTone', \sprintf('A middle of %g leaves nearly one tone. From 0.2, darker, to 5, lighter, can be set; 1 leaves it.', $middle));
        }
        if ($crisp < 0 || $crisp > 1) {
            throw ImpossibleTone::at('crisp', 'How crisp the picture gets runs from 0 to 100 %.');
        }
        if (\count($grounds) > self::MOST_GROUNDS) {
            throw ImpossibleTone::at('grounds', \sprintf('%d places were touched; %d can be given to the garment. Let a touch reach further instead.', \count($grounds), self::MOST_GROUNDS));
        }
    }

    /** Whether every tone stays as the picture has it. */
    public function leavesTones(): bool
    {
        return $this->darkest <= 0 && $this->lightest >= 100 && abs($this->middle - 1) < 1e-9 && $this->bend->isStraight() && $this->crisp <= 0;
    }

    /** Whether each place is worked by itself: nothing is brought out of what is round it, and no ground is given to the garment. */
    public function leavesPlaces(): bool
    {
        return $this->crisp <= 0 && $this->grounds === [];
    }

    /** @return float lightness wished, L* */
    public function on(float $lightness): float
    {
        $between = max(0.0, min(1.0, ($lightness - $this->darkest) / ($this->lightest - $this->darkest)));

        return $this->bend->at(100 * $between ** (1 / $this->middle));
    }

    /** @return string for each lightness, 0 to 255 for L* 0 to 100, the one that is wished, a byte each */
    public function table(): string
    {
        return implode('', array_map(fn (int $light): string => \chr((int) round(2.55 * $this->on($light / 2.55))), range(0, 255)));
    }
}
