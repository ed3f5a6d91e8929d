<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The time of light of a screen as a figure. */
final class LightFigure
{
    private const SCHOOL = 'More light on yellow mesh, until tests say otherwise';

    /**
     * One figure for a time: it stands as a timer is set to it, on the dial, the button and the scale. A time that rests on no
     * test of the shop says so wherever it stands.
     *
     * @param float|null $burnedS what it was really given; null until it was burned
     */
    public static function of(PredictedTime $time, Setting $setting, string $source, ?float $burnedS): Figure
    {
        $inputs = [
            \sprintf('light must reach through %.0f µm of fabric and stencil', $setting->thicknessUm),
            ...array_map(static fn (TimePart $part): string => $part->words(), $time->parts),
        ];
        $outside = $burnedS !== null && ($burnedS < $time->lowS || $burnedS > $time->highS);

        return new Figure(
            $burnedS ?? TimerSetting::seconds($time->seconds),
            's',
            $burnedS === null ? Sign::Reckoned : ($outside ? Sign::OutOfBounds : Sign::Measured),
            $source,
            ($burnedS === null ? '' : \sprintf(
                'Burned for %.1f s; reckoned %.1f s. ',
                $burnedS,
                $time->seconds,
            )).'Lamp × emulsion × thickness × yellow mesh × film × age of the lamp, each as the step tests have taught it'.($burnedS === null ? \sprintf('; %.2f s, set as a timer takes it', $time->seconds) : ''),
            $inputs,
            school: self::SCHOOL,
            wouldChange: $outside ? 'The screen was burned outside the interval: look at its finest lines and for slime before it goes to the press.' : \sprintf('A step test on this lamp and emulsion near %.0f s narrows it.', $time->seconds),
            low: $time->lowS,
            high: $time->highS,
            text: $burnedS === null && $time->restsOn === [] ? '≈ '.TimerSetting::words($time->seconds) : '',
        );
    }

    /** The time on another mesh, in a table. */
    public static function onMesh(?PredictedTime $time, float $thicknessUm, bool $dyed, string $source): Figure
    {
        return new Figure(
            $time === null ? null : TimerSetting::seconds($time->seconds),
            's',
            Sign::Reckoned,
            $time === null ? 'none yet' : $source,
            'Lamp × emulsion × thickness × yellow mesh × age of the lamp, as the shop’s tests have taught it',
            [\sprintf('%.0f µm of fabric and stencil', $thicknessUm), $dyed ? 'yellow mesh' : 'white mesh'],
            school: self::SCHOOL,
            wouldChange: 'Another mesh is another stencil: test it once.',
            low: $time?->lowS,
            high: $time?->highS,
        );
    }

    public static function none(): Figure
    {
        return new Figure(null, 's', Sign::Reckoned, 'none yet', 'The shop has no lamp or no emulsion yet: add them to its shelves.');
    }

    /** What a time rests on, in words. */
    public static function source(int $tests, int $looks): string
    {
        $words = implode(' and ', array_filter([
            $tests === 0 ? '' : \sprintf('%d step test%s', $tests, $tests === 1 ? '' : 's'),
            $looks === 0 ? '' : \sprintf('%d look%s at the sink', $looks, $looks === 1 ? '' : 's'),
        ], static fn (string $s): bool => $s !== ''));

        return $words === '' ? 'trade default' : $words.' of this shop';
    }
}
