<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The gain that a plate is drawn against, and where it comes from. */
final readonly class KnownGain
{
    /**
     * @param string|null  $readOn  day of the chart; null where none was read
     * @param list<string> $differs in which the chart is not of this setting
     * @param string|null  $device  that printed and read it; null where it was by hand
     */
    private function __construct(public PressGain $gain, public ?string $readOn, public array $differs, public ?string $device = null)
    {
    }

    public static function assumed(): self
    {
        return new self(PressGain::assumed(), null, []);
    }

    /** @param list<string> $differs */
    public static function read(PressGain $gain, string $on, array $differs, ?string $device = null): self
    {
        return new self($gain, $on, $differs, $device);
    }

    /** Gain at half tone. */
    public function figure(): Figure
    {
        $half = $this->gain->at(0.5);
        $percent = static fn (float $printed): float => round(100 * ($printed - 0.5), 1);

        return new Figure(
            $percent($half->printed),
            '%',
            $this->readOn === null || $this->differs !== [] || $this->device !== null ? Sign::Reckoned : Sign::Measured,
            match (true) {
                $this->readOn === null => 'trade default: 15 to 35 % by hand on cloth',
                $this->differs !== [] => \sprintf('borrowed from the chart of %s, which was of %s', $this->readOn, implode(', ', $this->differs)).($this->device === null ? '' : ', of the '.$this->device),
                default => \sprintf('%d patches of the chart of %s%s', $this->gain->restsOn, $this->readOn, $this->device === null ? '' : ', of the '.$this->device.': not your press'),
            },
            'What half a tone on film prints, less that half. Films are drawn smaller by the whole curve, so that the print has the tone that was wished.',
            array_map(function (int $pct): string {
                $at = $this->gain->at($pct / 100);

                return \sprintf('%d %% on film prints as %.0f %% (%.0f to %.0f)', $pct, 100 * $at->printed, 100 * $at->low, 100 * $at->high);
            }, [10, 25, 50, 75, 90]),
            wouldChange: $this->readOn !== null && $this->differs === []
                ? 'More patches, or another print of the chart. More strokes, a softer squeegee, a thicker film and more off-contact gain more.'
                : 'Print the gain chart at this ruling on this press, and read it here.',
            low: $percent($half->low),
            high: $percent($half->high),
        );
    }
}
