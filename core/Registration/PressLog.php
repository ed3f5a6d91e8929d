<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\NormalCurve;

/**
 * What pairs of readings before and after turns tell of a knob: how far it really moves the frame a turn, which way is
 * clockwise, and its play, which is lost whenever the way changes. Δ = (turns ∓ play) × pitch, by least squares with the profile’s
 * pitch as what is believed at first.
 */
final readonly class PressLog
{
    /** A profile’s pitch is believed to a third, and play to be none, give or take a fifth of a turn (heuristic). */
    private const PITCH_SHARE = 0.35;
    private const PLAY_MM = 0.15;
    /** Of the move at a knob, from readings of a strike-off, mm. */
    private const ERROR_MM = 0.03;
    private const WRONG_WAY_AT = -0.2;

    /**
     * @param list<KnobPair> $pairs of one knob, in the order in which they were made
     *
     * @throws UnusableKnob where nothing can be learned
     */
    public static function learn(Knob $knob, array $pairs, float $errorMm = self::ERROR_MM): LearnedKnob
    {
        if ($pairs === []) {
            throw UnusableKnob::at('pairs', \sprintf('No correction of the %s knob is on record. Turn it, print again and read the marks: that is the first.', $knob->name));
        }
        $belief = new LinearBelief(['pitch' => [$knob->mmPerTurn, abs(self::PITCH_SHARE * $knob->mmPerTurn)], 'play' => [0.0, self::PLAY_MM]]);
        $way = 0;
        foreach ($pairs as $pair) {
            if (abs($pair->turns) < 0.02) {
                continue;
            }
            $to = $pair->turns <=> 0.0;
            // Play takes from a turn whose way is another than the last one’s; of the first nobody knows.
            $turned = $way !== 0 && $to !== $way ? 1.0 : 0.0;
            $belief->observe(['pitch' => $pair->turns, 'play' => -$to * $turned], $pair->movedMm, $errorMm);
            $way = $to;
        }
        [$pitch, $sd] = $belief->of('pitch');
        [$play, $playSd] = $belief->of('play');

        return new LearnedKnob(
            $knob->name,
            $pitch,
            NormalCurve::NINETY * $sd,
            max(0.0, $play),
            NormalCurve::NINETY * $playSd,
            \count($pairs),
            // A profile whose clockwise is the other way is corrected beyond what its prior lets expect.
            turnsTheOtherWay: self::moves($pairs, $knob) < self::WRONG_WAY_AT,
        );
    }

    /**
     * How far the moves follow the turns, of what the profile says.
     *
     * @param list<KnobPair> $pairs
     */
    private static function moves(array $pairs, Knob $knob): float
    {
        $product = $square = 0.0;
        foreach ($pairs as $pair) {
            $product += $pair->turns * $pair->movedMm;
            $square += $pair->turns ** 2;
        }

        return $square <= 0 ? 1.0 : $product / $square / $knob->mmPerTurn;
    }
}
