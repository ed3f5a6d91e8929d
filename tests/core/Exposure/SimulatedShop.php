<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A shop whose physics is known and is not the model’s: the dose at the far side of the stencil by Beer-Lambert, each
 * emulsion with its own absorption, each lamp with its own spectrum; lamps that fade and come up late; strips in equal
 * steps, read with noise, now and then misread.
 */
final class SimulatedShop
{
    private const LAMPS = ['Table' => LampKind::Led, 'Arc' => LampKind::MetalHalide, 'Box' => LampKind::Tubes];
    private const EMULSIONS = ['P' => EmulsionKind::Photopolymer, 'D' => EmulsionKind::DualCure, 'Z' => EmulsionKind::Diazo, 'C' => EmulsionKind::CapillaryFilm];
    /** Thickness of fabric and stencil, µm, and whether it is yellow. */
    private const MESHES = [[150.0, false], [125.0, false], [105.0, true], [92.0, true], [80.0, true], [68.0, false]];
    private const STRIPS = 16;

    private readonly Randomizer $random;
    /** @var array<string, float> light of a new lamp at the glass */
    private array $light = [];
    /** @var array<string, float> hours in which it fades to 1/e */
    private array $fades = [];
    /** @var array<string, float> */
    public array $startLoss = [];
    /** @var array<string, float> */
    private array $need = [];
    /** @var array<string, float> absorption, 1/µm */
    private array $absorbs = [];
    /** @var array<string, float> how well an emulsion’s spectrum fits a lamp’s */
    private array $fits = [];
    private readonly float $dye;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        foreach (self::LAMPS as $name => $kind) {
            $usual = ['led' => 15.0, 'metal_halide' => 60.0, 'tubes' => 240.0][$kind->value];
            $this->light[$name] = 1 / ($usual * exp(0.6 * $this->normal()));
            $this->fades[$name] = 1000 / max(0.01, ($kind === LampKind::Led ? 0.02 : 0.3) * exp(0.4 * $this->normal()));
            $this->startLoss[$name] = $kind === LampKind::Led ? 0.0 : $this->between(0.2, 0.8);
        }
        foreach (self::EMULSIONS as $name => $kind) {
            $usual = ['photopolymer' => 1.0, 'dual_cure' => 1.8, 'diazo' => 2.7, 'capillary_film' => 2.0][$kind->value];
            $this->absorbs[$name] = $this->between(0.0085, 0.0135);
            $this->need[$name] = $usual * exp(0.4 * $this->normal()) * exp(-100 * $this->absorbs[$name]);
            foreach (array_keys(self::LAMPS) as $lamp) {
                $this->fits[$lamp.$name] = exp(0.11 * $this->normal());
            }
        }
        $this->dye = exp($this->between(0.1, 0.42));
    }

    /** One of the 72 combinations, drawn. */
    public function any(): Setting
    {
        $lamp = array_keys(self::LAMPS)[$this->random->getInt(0, 2)];

        return $this->setting($lamp, array_keys(self::EMULSIONS)[$this->random->getInt(0, 3)], $this->random->getInt(0, 5));
    }

    /** @return list<Setting> all of them */
    public function all(): array
    {
        $all = [];
        foreach (array_keys(self::LAMPS) as $lamp) {
            foreach (array_keys(self::EMULSIONS) as $emulsion) {
                for ($mesh = 0; $mesh < 6; ++$mesh) {
                    $all[] = $this->setting($lamp, $emulsion, $mesh);
                }
            }
        }

        return $all;
    }

    public function setting(string $lamp, string $emulsion, int $mesh): Setting
    {
        [$um, $dyed] = self::MESHES[$mesh];

        return new Setting($lamp, self::LAMPS[$lamp], $emulsion, self::EMULSIONS[$emulsion], $um, $dyed, film: '', distanceMm: null, lampHours: 200 + 100 * $mesh, emulsionFactor: null, startLossS: $this->startLoss[$lamp]);
    }

    /** The one burn that is right, s. */
    public function rightS(Setting $s): float
    {
        $light = $this->light[$s->lamp] * exp(-$s->lampHours / $this->fades[$s->lamp]) * $this->fits[$s->lamp.$s->emulsion];

        return $this->need[$s->emulsion] * exp($this->absorbs[$s->emulsion] * $s->thicknessUm) * ($s->dyed ? $this->dye : 1.0) / $light + $this->startLoss[$s->lamp];
    }

    /** A step test in equal steps about a guess; misread by so much where it is misread. */
    public function tested(Setting $s, float $misread = 1.0): TestReading
    {
        $right = $this->rightS($s);
        $step = $right * exp(0.2 * $this->normal()) / (self::STRIPS / 2);
        $step = max($step, 1.5 * $s->startLossS);
        $seen = $right * exp(0.04 * $this->normal());
        // So many short burns each lose the lamp’s start.
        $strip = 1;
        while ($strip < 40 && $strip * $step - ($strip - 1) * $s->startLossS < $seen) {
            ++$strip;
        }
        $low = max(0.5, $strip - 1) * $step * $misread;

        return new TestReading($s, $low, null, $strip * $step * $misread, $step * $misread);
    }

    public function chance(float $probability): bool
    {
        return $this->random->getInt(1, 1_000_000) <= $probability * 1_000_000;
    }

    public function pick(int $count): int
    {
        return $this->random->getInt(0, $count - 1);
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->random->getInt(1, 1_000_000_000) / 1_000_000_001)) * cos(2 * \M_PI * $this->random->getInt(0, 1_000_000_000) / 1_000_000_000);
    }
}
