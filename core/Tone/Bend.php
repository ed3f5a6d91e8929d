<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Unit\Chosen;

/**
 * A curve that a printer bends: lightness of the picture to lightness that is wished, both L*. It goes smoothly through its
 * points and never turns back between them (Fritsch and Carlson 1980: cubics whose slopes are held to the harmonic mean of
 * their neighbours').
 *
 * @phpstan-type Bent array{float, float}
 */
final readonly class Bend
{
    /** Points nearer than this are one, L*. */
    private const LEAST_STEP = 0.5;
    /** More points than this nobody sets by hand. */
    private const MOST = 16;

    /** @var list<Bent> from 0 to 100 */
    #[Chosen('bend', '', 0, self::MOST, option: Chosen::NO_OPTION)]
    public array $points;
    /** @var list<float> slope at each point */
    private array $slopes;

    /**
     * @param list<Bent> $points lightness of the picture and lightness wished, L*; ends stay where none are given
     *
     * @throws ImpossibleTone where it is no curve of lightness, or falls
     */
    public function __construct(array $points = [])
    {
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (\count($points) > self::MOST) {
            throw ImpossibleTone::at('bend', \sprintf('The curve has %d points; %d are enough for any bend. Take some off.', \count($points), self::MOST));
        }
        foreach ($points as [$of, $wished]) {
            if ($of < 0 || $of > 100 || $wished < 0 || $wished > 100) {
                throw ImpossibleTone::at('bend', \sprintf('Lightness runs from 0 to 100; the curve has %g to %g. Move that point back.', $of, $wished));
            }
        }
        if ($points === [] || $points[0][0] > 0) {
            array_unshift($points, [0.0, 0.0]);
        }
        if ($points[\count($points) - 1][0] < 100) {
            $points[] = [100.0, 100.0];
        }
        foreach (\array_slice($points, 1) as $i => [$of, $wished]) {
            [$before, $wishedBefore] = $points[$i];
            if ($of - $before < self::LEAST_STEP) {
                throw ImpossibleTone::at('bend', \sprintf('The curve has two points at lightness %g. Take one of them off.', $of));
            }
            if ($wished < $wishedBefore) {
                throw ImpossibleTone::at('bend', \sprintf('The curve falls between %g and %g: what is lighter in the picture would print darker. Bring one of the two points back.', $before, $of));
            }
        }
        $this->points = $points;
        $this->slopes = self::slopes($points);
    }

    public function isStraight(): bool
    {
        return $this->points === [[0.0, 0.0], [100.0, 100.0]];
    }

    /** @param float $of lightness of the picture, 0–100 */
    public function at(float $of): float
    {
        $last = \count($this->points) - 1;
        $i = 0;
        while ($i < $last - 1 && $of > $this->points[$i + 1][0]) {
            ++$i;
        }
        [$x0, $y0] = $this->points[$i];
        [$x1, $y1] = $this->points[$i + 1];
        $wide = $x1 - $x0;
        $t = max(0.0, min(1.0, ($of - $x0) / $wide));

        return $y0 * (1 + 2 * $t) * (1 - $t) ** 2 + $wide * $this->slopes[$i] * $t * (1 - $t) ** 2
            + $y1 * $t * $t * (3 - 2 * $t) + $wide * $this->slopes[$i + 1] * $t * $t * ($t - 1);
    }

    /**
     * @param list<Bent> $points
     *
     * @return list<float>
     */
    private static function slopes(array $points): array
    {
        $rise = [];
        foreach (\array_slice($points, 1) as $i => [$x, $y]) {
            $rise[] = ($y - $points[$i][1]) / ($x - $points[$i][0]);
        }
        $slopes = [$rise[0]];
        for ($i = 1, $n = \count($rise); $i < $n; ++$i) {
            [$before, $after] = [$rise[$i - 1], $rise[$i]];
            $slopes[] = $before * $after <= 0 ? 0.0 : 2 * $before * $after / ($before + $after);
        }
        $slopes[] = $rise[\count($rise) - 1];

        return $slopes;
    }
}
