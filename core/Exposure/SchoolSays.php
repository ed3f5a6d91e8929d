<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** What a school of the trade would set the timer to, and why. */
final readonly class SchoolSays
{
    private function __construct(public string $school, public float $seconds, public string $why)
    {
    }

    /**
     * @param float $penumbraMm what light through the gap eats of a line, mm
     *
     * @return list<self>
     */
    public static function of(PredictedTime $time, Setting $setting, float $penumbraMm): array
    {
        $schools = [
            new self('Finest detail first', TimerSetting::seconds($time->seconds), 'the time that the tests give: hard through, finest lines open'),
            new self(
                'Hard stencil first',
                TimerSetting::seconds($time->highS),
                \sprintf('the long end: over-exposure hardly matters with dense film and good contact; here it costs up to %.2f mm at each edge', $penumbraMm / 2),
            ),
        ];
        foreach ($time->parts as $part) {
            if ($setting->dyed && $part->name === ExposureTerms::DYE_NAME) {
                $schools[] = new self('Leave it on yellow mesh', TimerSetting::seconds($time->seconds / $part->factor), \sprintf('finer mesh carries less emulsion, so yellow needs no more; your tests say × %.2f', $part->factor));
            }
        }

        return $schools;
    }
}
