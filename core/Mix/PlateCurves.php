<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Tone\Bend;
use Ektype\Core\Unit\Chosen;

/** What a printer does to single plates after they were solved: how much of a half tone each prints, smoothly to both ends. */
final readonly class PlateCurves
{
    public const STRAIGHT = 50.0;
    /** Beyond these a plate is no picture any more, %. */
    public const LEAST = 15.0;
    public const MOST = 85.0;

    /** @var array<string, Bend> */
    private array $bends;

    /**
     * @param array<string, float> $halves by name of the ink, %
     *
     * @throws ImpossibleMix where a plate would be bare or solid
     */
    public function __construct(
        #[Chosen('half tones', '%', option: Chosen::NO_OPTION)]
        public array $halves = [],
    ) {
        $bends = [];
        foreach ($halves as $ink => $half) {
            if ($half < self::LEAST || $half > self::MOST) {
                throw ImpossibleMix::at('half', \sprintf('A half tone of %s that prints %.0f %% leaves no picture of it: from %.0f to %.0f %% can. 50 %% is as it was solved.', $ink, $half, self::LEAST, self::MOST));
            }
            if (abs($half - self::STRAIGHT) > 0.05) {
                $bends[$ink] = new Bend([[50.0, $half]]);
            }
        }
        $this->bends = $bends;
    }

    /** @param float $tone 0–1 */
    public function at(string $ink, float $tone): float
    {
        return isset($this->bends[$ink]) ? $this->bends[$ink]->at(100 * $tone) / 100 : $tone;
    }
}
