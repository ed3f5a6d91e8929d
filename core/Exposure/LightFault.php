<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** A likely cause of what was seen at the sink, what speaks for it on this very screen, and what mends it. */
final readonly class LightFault
{
    private function __construct(public string $cause, public string $because, public string $remedy)
    {
    }

    /**
     * The likeliest first.
     *
     * @param float|null $burnedS    what it was given
     * @param bool       $damp       whether it was burned before it was dry
     * @param float      $penumbraMm what light through the gap eats of a line, mm
     * @param float|null $density    of the film’s black; null where nobody measured it, or there is no film
     *
     * @return list<self>
     */
    public static function of(SinkCheck $seen, PredictedTime $time, ?float $burnedS, bool $damp, float $penumbraMm, ?float $density): array
    {
        $burned = $burnedS ?? $time->seconds;
        $faults = [];
        $under = $seen->scum || $seen->lostDots;
        if ($under && $damp) {
            $faults[] = new self(
                'Damp',
                'It was burned before it was dry: water in the stencil keeps it from hardening, whatever the clock says.',
                'Reclaim it, coat it anew and let it dry to the end of the countdown. Keep the time.',
            );
        }
        if ($under && !$seen->closedLines) {
            $faults[] = new self(
                'Too little light',
                \sprintf('It was given %s; the tests expect %s, anywhere from %s to %s.', TimerSetting::words($burned), TimerSetting::words($time->seconds), TimerSetting::words($time->lowS), TimerSetting::words($time->highS)),
                $burned < $time->seconds
                    ? \sprintf('Burn the next at %s.', TimerSetting::words($time->seconds))
                    : \sprintf('Burn the next at %s, a tenth more, and test this lamp anew: it may have faded.', TimerSetting::words(1.1 * $burned)),
            );
        }
        if ($seen->closedLines && $density !== null && $density < 3.0) {
            $faults[] = new self(
                'Weak film',
                \sprintf('Its black has density %.1f: one part in %.0f of the light comes through it and hardens what should wash out.', $density, 10 ** $density),
                \sprintf('Lay it twice in register: that makes %.1f. Or keep to the short end, %s.', 2 * $density, TimerSetting::words($time->lowS)),
            );
        }
        if ($seen->closedLines && !$under) {
            $faults[] = new self(
                'Too much light',
                \sprintf('It was given %s; the tests expect %s.', TimerSetting::words($burned), TimerSetting::words($time->seconds)),
                \sprintf('Burn the next at %s.', TimerSetting::words($burned > $time->seconds ? $time->seconds : 0.9 * $burned)),
            );
        }
        if ($seen->blur || ($seen->closedLines && $penumbraMm > 0.1)) {
            $faults[] = new self(
                'Contact',
                \sprintf('Light through the gap eats %.2f mm of each edge here, so lines under %.2f mm close at any time.', $penumbraMm / 2, $penumbraMm),
                'Draw the vacuum longer, or lay foam and an even weight on it; look for a frame edge that holds the glass off. The time may stay.',
            );
        }
        if ($under && $seen->closedLines) {
            $faults[] = new self(
                'Uneven coat, or damp and weak film together',
                'Signs of too little and of too much light on one screen: no time mends both.',
                'Look at the coat against the light, at the film’s black and at the drying before you change the time.',
            );
        }
        if ($seen->pinholes) {
            $faults[] = new self('Dust', 'Small holes where stencil should be are specks on glass, film or mesh, not the time.', 'Block them out; clean the glass on both sides and degrease before you coat.');
        }

        return $faults;
    }
}
