<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Colour\Srgb;

/** An ink that was tried: drawn down over a black and white card, printed on cloth, and weighed against its price. */
final readonly class InkTried
{
    /** How well fibres lay down under it: 1 stand through, 5 lie flat. */
    public const MAT_DOWN = [1, 5];
    /** A layer through a usual mesh for opaque ink, g a m² (trade default: 43 to 61 threads a cm). */
    public const LAYER_G = 60.0;
    /** A print is opaque when it hides so much (heuristic: the eye does not see the rest on dark cloth). */
    public const OPAQUE = 0.95;

    public float $hiding;
    /** Layers until it is opaque, each flashed; each leaves 1 − hiding of what the one below left. */
    public float $layers;
    /** What an opaque m² of it costs, cents. */
    public float $centsPerM2;

    /**
     * @param string $overBlack #rrggbb, over the black half of the card
     * @param string $overWhite the same over the white half
     * @param int    $matDown   1 to 5
     * @param string $picture   of the trial, by its name in the shop
     *
     * @throws UnreadableDrawdown|\Ektype\Core\Colour\UnknownColour where the card tells nothing, or it is no trial
     */
    public function __construct(public string $name, public string $overBlack, public string $overWhite, public int $matDown, public int $centsPerKg, public string $day = '', public string $picture = '')
    {
        if (trim($name) === '') {
            throw UnreadableDrawdown::at('name', 'Which ink was tried? Write what stands on its pot.');
        }
        if ($matDown < self::MAT_DOWN[0] || $matDown > self::MAT_DOWN[1]) {
            throw UnreadableDrawdown::at('matDown', 'How flat the fibres lie is told from 1, they stand through, to 5, they lie flat.');
        }
        if ($centsPerKg < 1) {
            throw UnreadableDrawdown::at('centsPerKg', 'A price of nothing compares with nothing. Give what a kilo of it costs.');
        }
        $this->hiding = Drawdown::of(Srgb::fromHex($overBlack, 'overBlack'), Srgb::fromHex($overWhite, 'overWhite'), Srgb::fromHex('#161616'), Srgb::fromHex('#f4f4f1'))->hiding;
        $left = max(1e-4, min(1 - 1e-4, 1 - $this->hiding));
        $this->layers = max(1.0, log(1 - self::OPAQUE) / log($left));
        $this->centsPerM2 = ceil($this->layers - 1e-9) * self::LAYER_G / 1000 * $centsPerKg;
    }

    /**
     * The cheapest that lies flat and needs no more layers than the one that needs fewest, or one more.
     *
     * @param list<self> $trials
     *
     * @return list<self> the best first
     */
    public static function ranked(array $trials): array
    {
        $fewest = $trials === [] ? 1.0 : min(array_map(static fn (self $t): float => ceil($t->layers), $trials));
        $rank = static fn (self $t): array => [$t->matDown < 3, ceil($t->layers) > $fewest + 1, $t->centsPerM2, -$t->matDown, $t->name];
        usort($trials, static fn (self $a, self $b): int => $rank($a) <=> $rank($b));

        return $trials;
    }

    public function says(): string
    {
        $layers = (int) ceil($this->layers - 1e-9);

        return \sprintf('Hides %.0f %% in a layer: opaque in %d %s. %s', 100 * $this->hiding, $layers, $layers === 1 ? 'layer' : 'layers, flashed between', match (true) {
            $this->matDown >= 4 => 'Fibres lie flat.',
            $this->matDown === 3 => 'Most fibres lie flat.',
            default => 'Fibres stand through: a base of another ink below, or a smoothing screen.',
        });
    }
}
