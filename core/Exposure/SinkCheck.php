<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/**
 * What is seen at the sink, and what it says about the time of light. Slime, scum and lost dots mean too little light;
 * lines that will not open mean too much; blurred edges mean a gap between film and screen, whatever the time was;
 * pinholes alone are dust. A clean screen was burned within the latitude of its stencil.
 */
final readonly class SinkCheck
{
    /** A clean wash-out leaves the right time open by this factor either way (heuristic). */
    public const LATITUDE = 1.3;

    /** Whether the screen may go to the press once what can be mended is mended. */
    public bool $canPrint;
    /** What it means for the screen and for the next one. */
    public string $says;

    public function __construct(
        public bool $scum = false,
        public bool $pinholes = false,
        public bool $lostDots = false,
        public bool $closedLines = false,
        public bool $blur = false,
    ) {
        $this->canPrint = !$scum && !$lostDots && !$closedLines && !$blur;
        $this->says = $this->meaning();
    }

    /** What the exposure model learns from it; null where the answers say nothing about the time. */
    public function reading(Setting $setting, float $seconds): ?TestReading
    {
        $under = $this->scum || $this->lostDots;

        return match (true) {
            $seconds <= 0 || $this->blur || ($under && $this->closedLines) => null,
            $under => new TestReading($setting, $seconds, null, null),
            $this->closedLines => new TestReading($setting, null, null, $seconds),
            $this->pinholes => null,
            default => new TestReading($setting, $seconds / self::LATITUDE, null, $seconds * self::LATITUDE),
        };
    }

    /** What was seen, in a few words. */
    public function words(): string
    {
        $seen = array_keys(
            array_filter(
                [
                    'scum' => $this->scum,
                    'pinholes' => $this->pinholes,
                    'lost dots' => $this->lostDots,
                    'closed lines' => $this->closedLines,
                    'blur' => $this->blur,
                ],
            ),
        );

        return $seen === [] ? 'clean and open' : implode(', ', $seen);
    }

    private function meaning(): string
    {
        $under = $this->scum || $this->lostDots;
        $sentences = array_filter([
            $this->blur ? 'Blurred edges: the film did not lie on the screen. Look at the vacuum or the weight on the foam and at the gap; the time may well be right, so nothing is learned about it.' : '',
            $under && $this->closedLines ? 'Signs of too little and of too much light together: rather damp emulsion, a weak film or uneven coating than the time. Nothing is learned; make the screen again.' : '',
            !$this->blur && $under && !$this->closedLines ? 'Too little light, or the screen was damp: it will break down on the press. Reclaim it and give it more; the times of this emulsion and lamp grow from now on.' : '',
            !$this->blur && $this->closedLines && !$under ? 'Too much light: the finest lines have closed. Make the screen again with less; the times of this emulsion and lamp shrink from now on.' : '',
            $this->pinholes ? 'Block the pinholes out and look for dust on glass, film and screen.' : '',
        ], static fn (string $s): bool => $s !== '');

        return $sentences === [] ? 'Open and clean: dry it frame down in moving air, then tape it.' : implode(' ', $sentences);
    }
}
