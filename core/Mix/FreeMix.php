<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;

/** The nearest that plates over each other come to some colours, each colour for itself: what no smooth table can better. */
final class FreeMix
{
    private const ROUNDS = 45;
    private const FURTHEST = 0.25;
    private const NEAREST = 0.01;
    private const BEGIN = 0.15;

    /** @return float mean ΔE00 of a picture’s colours */
    public static function off(LayeredInks $inks, PictureColours $picture, MixTerms $terms): float
    {
        $sum = 0.0;
        foreach ($picture->colours as $one) {
            $sum += $one->share * Ciede2000::between(Lab::of($one->colour), Lab::of($inks->colour(self::coverages($inks, new WishedColour($one->colour), $terms))));
        }

        return $sum;
    }

    /** @return list<float> */
    private static function coverages(LayeredInks $inks, WishedColour $wished, MixTerms $terms): array
    {
        $here = array_fill(0, $inks->many(), self::BEGIN);
        $n = $inks->exponent();
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            [$root, $adds] = $inks->moved($here);
            [$off, $rows] = $wished->off($root, $n);
            $here = MixStep::of($here, $here, $adds, $off, $rows, 0.0, terms: $terms, black: 0.0, furthest: self::FURTHEST * (self::NEAREST / self::FURTHEST) ** ($round / (self::ROUNDS - 1)));
        }

        return $here;
    }
}
