<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/**
 * Which dots of two inks beside each other look most like a colour on their garment: the least ΔE00 over all shares of the two
 * that have room beside each other.
 *
 * @phpstan-type Coverages array{float, float}
 */
final class NearestMix
{
    /** The first look is over a grid of so many steps a side. */
    private const STEPS = 12;
    private const FINEST = 1 / 300;
    /** Beside a like colour it is looked for by so much. */
    private const BESIDE = 1 / 40;

    private readonly BesideEachOther $model;
    /** @var list<array{float, float, Lab}> */
    private array $grid = [];
    /** @var \Closure(float): float */
    private readonly \Closure $room;

    /** @param (callable(float): float)|null $under how much the second ink has room for beside so much of the first, 0–1 */
    public function __construct(Srgb $garment, GivenInk $first, GivenInk $second, ?callable $under = null)
    {
        $this->model = new BesideEachOther($garment, [new LaidInk($first->colour, 1.0, $first->hiding), new LaidInk($second->colour, 1.0, $second->hiding)]);
        $this->room = $under === null ? static fn (float $of): float => 1 - $of : $under(...);
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $one = $i / self::STEPS;
            $most = ($this->room)($one);
            for ($j = 0, $steps = (int) round(self::STEPS * $most); $j <= $steps; ++$j) {
                $two = $steps === 0 ? 0.0 : $most * $j / $steps;
                $this->grid[] = [$one, $two, $this->model->lab([$one, $two])];
            }
        }
    }

    /**
     * @param Coverages|null $near where a like colour was found: then it is looked for from there
     *
     * @return Coverages coverage of the first ink and of the second, 0–1
     */
    public function of(Lab $wished, ?array $near = null): array
    {
        [$one, $two] = $near ?? [0.0, 0.0];
        $least = $near === null ? \INF : Ciede2000::between($wished, $this->model->lab([$one, $two]));
        if ($near === null) {
            foreach ($this->grid as [$a, $b, $lab]) {
                $off = Ciede2000::between($wished, $lab);
                if ($off < $least) {
                    [$one, $two, $least] = [$a, $b, $off];
                }
            }
        }
        for ($step = $near === null ? 1 / self::STEPS / 2 : self::BESIDE; $step > self::FINEST; $step /= 2) {
            [$one, $two, $least] = $this->nearer($wished, $one, $two, $least, $step);
        }

        return [$one, $two];
    }

    /** @param Coverages $coverages */
    public function lab(array $coverages): Lab
    {
        return $this->model->lab($coverages);
    }

    /** @return array{float, float, float} both coverages, and how far off their print is */
    private function nearer(Lab $wished, float $one, float $two, float $least, float $step): array
    {
        do {
            $moved = false;
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, -1], [-1, 1]] as [$x, $y]) {
                $a = max(0.0, min(1.0, $one + $x * $step));
                $b = max(0.0, min(($this->room)($a), $two + $y * $step));
                if ($a === $one && $b === $two) {
                    continue;
                }
                $off = Ciede2000::between($wished, $this->model->lab([$a, $b]));
                if ($off < $least - 1e-9) {
                    [$one, $two, $least, $moved] = [$a, $b, $off, true];
                }
            }
        } while ($moved);

        return [$one, $two, $least];
    }
}
