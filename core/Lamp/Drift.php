<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\Surprise;
use Ektype\Core\Learn\NormalCurve;
use Ektype\Core\Unit\Span;

/**
 * How a lamp fades: what each of its tests took against what the same screen would have taken under it when new, over its
 * hours, and whether a new test is due.
 */
final readonly class Drift
{
    /** A time that has moved by this much since the last test wants a new one, ln (trade: add 5 to 10 %, re-test). */
    private const DUE_LN = 0.07;
    /** So may it have when nobody knows how fast the lamp fades. */
    private const MAY_BE_LN = 0.18;

    /**
     * @param list<DriftPoint> $points       by hours
     * @param float            $perThousandH ln of the time that a thousand hours add
     * @param float            $sd           of it
     * @param float            $sinceH       hours since the last test
     * @param string           $due          why a new test is due; empty where none is
     */
    private function __construct(
        public array $points,
        public float $perThousandH,
        public float $sd,
        public float $sinceH,
        public string $due,
    ) {
    }

    /** @param Setting $now the lamp as it is, with some emulsion */
    public static function of(ExposureModel $model, DriftPoints $tested, Setting $now): self
    {
        $points = $tested->all;
        $surprises = $model->surprises();
        [$mean, $sd] = $model->ageing($now);
        $last = $points === [] ? null : $points[\count($points) - 1]->hours;
        $since = max(0.0, $now->lampHours - ($last ?? 0.0));

        return new self($points, $mean, $sd, $since, self::due($points, $mean, $sd, $since, $last, $surprises));
    }

    /** What the lamp takes now against what it took new. */
    public function factorAt(float $hours): float
    {
        return exp($this->perThousandH * $hours / 1000);
    }

    /** The same, nine times in ten. */
    public function between(float $hours): Span
    {
        $reach = NormalCurve::NINETY * $this->sd;

        return new Span(exp(($this->perThousandH - $reach) * $hours / 1000), exp(($this->perThousandH + $reach) * $hours / 1000));
    }

    /**
     * @param list<DriftPoint> $points
     * @param list<Surprise>   $surprises
     */
    private static function due(array $points, float $mean, float $sd, float $since, ?float $last, array $surprises): string
    {
        if ($last === null) {
            return 'No step test under this lamp yet: make one before a screen that counts.';
        }
        $moved = $mean * $since / 1000;
        if ($moved > self::DUE_LN) {
            return \sprintf('%.0f h since its last test: it should take about %.0f %% longer by now. Test it anew.', $since, 100 * (exp($moved) - 1));
        }
        if (NormalCurve::NINETY * $sd * $since / 1000 > self::MAY_BE_LN) {
            return \sprintf('%.0f h since its last test, and how fast it fades is not known yet: test it anew.', $since);
        }
        $latest = \array_slice($points, -2);
        if (\count($latest) === 2) {
            $off = array_map(static fn (DriftPoint $p): float => $surprises[$p->test]->deviations(), $latest);
            if (min($off) > 1.3) {
                return 'Its last two tests both took longer than the earlier ones let expect: it fades faster than it did. Test it anew, and think of new light for it.';
            }
        }

        return '';
    }
}
