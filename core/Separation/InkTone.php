<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Tones;

/**
 * How much of one ink shows a lightness on its garment: the print model, solved the other way round. A light ink on dark
 * cloth prints in the lights of the picture, a dark one on light cloth in its darks, by itself.
 */
final readonly class InkTone
{
    /** Tones under this and over its complement are bare and solid: nobody sees them, and no mesh holds them, 0–1. */
    private const ENDS = 0.004;
    /** Lightness beyond what the print has by less than this is not told, L* (heuristic). */
    private const NOT_SEEN = 2.0;
    /** The same as a share of the picture. */
    private const LITTLE = 0.01;

    /** @var list<float> lightness of the print at each coverage of 255 */
    private array $printed;

    public function __construct(private Srgb $garment, private GivenInk $ink, private Tones $range = new Tones(0.0, 1.0))
    {
        $model = new PrintedLayers();
        $this->printed = array_map(
            fn (int $t): float => Lab::of($model->over($this->garment, [[$this->ink->colour, $t / 255, $this->ink->hiding]]))->l,
            range(0, 255),
        );
    }

    /**
     * @param float $lightness L*
     *
     * @return float coverage, 0–1, before the range of the mesh
     */
    public function wished(float $lightness): float
    {
        $rises = $this->printed[255] > $this->printed[0];
        if ($rises ? $lightness <= $this->printed[0] : $lightness >= $this->printed[0]) {
            return 0.0;
        }
        for ($t = 1; $t <= 255; ++$t) {
            [$before, $here] = [$this->printed[$t - 1], $this->printed[$t]];
            if ($rises ? $lightness <= $here : $lightness >= $here) {
                return ($t - 1 + ($here === $before ? 1.0 : ($lightness - $before) / ($here - $before))) / 255;
            }
        }

        return 1.0;
    }

    /** Brought into what the mesh holds; bare stays bare and solid stays solid. */
    public function held(float $coverage): float
    {
        return match (true) {
            $coverage < self::ENDS => 0.0,
            $coverage > 1 - self::ENDS => 1.0,
            default => $this->range->lightest + $coverage * ($this->range->darkest - $this->range->lightest),
        };
    }

    /** @return string for each lightness of a picture, 0 to 255 for L* 0 to 100, how much is printed, a byte each */
    public function table(): string
    {
        $table = '';
        for ($light = 0; $light < 256; ++$light) {
            $table .= \chr((int) round(255 * $this->held($this->wished($light / 2.55))));
        }

        return $table;
    }

    /**
     * @param array<int, int> $lights how many places of the picture have each lightness, 0 to 255
     *
     * @return list<string> what the print cannot show
     */
    public function says(array $lights): array
    {
        $all = max(1, array_sum($lights));
        [$darkest, $lightest] = [min($this->printed), max($this->printed)];
        $darker = $lighter = 0;
        $moved = 0.0;
        foreach ($lights as $light => $count) {
            $lightness = $light / 2.55;
            $darker += $lightness < $darkest - self::NOT_SEEN ? $count : 0;
            $lighter += $lightness > $lightest + self::NOT_SEEN ? $count : 0;
            $wished = $this->wished($lightness);
            $moved = max($moved, $count === 0 ? 0.0 : abs($this->at($this->held($wished)) - $this->at($wished)));
        }
        $says = [];
        if ($darker / $all > self::LITTLE) {
            $says[] = \sprintf('%.0f %% of the picture is darker than %s can be (L* %.0f): it prints as one tone.', 100 * $darker / $all, $this->printed[0] <= $this->printed[255] ? 'the garment' : 'this ink on it', $darkest);
        }
        if ($lighter / $all > self::LITTLE) {
            $says[] = \sprintf('%.0f %% of the picture is lighter than %s can be (L* %.0f): it prints as one tone.', 100 * $lighter / $all, $this->printed[0] <= $this->printed[255] ? 'this ink on it' : 'the garment', $lightest);
        }
        if ($moved > self::NOT_SEEN) {
            $says[] = \sprintf('To hold on the mesh, tones are brought to %.0f to %.0f %%: that moves them by up to L* %.0f. A finer mesh or a coarser ruling holds more.', 100 * $this->range->lightest, 100 * $this->range->darkest, $moved);
        }

        return $says;
    }

    /** The ink with which a picture has the most tones on a garment: the one furthest from it in lightness. */
    public static function furthest(Srgb $garment, GivenInk ...$inks): GivenInk
    {
        $cloth = Lab::of($garment)->l;
        usort($inks, static fn (GivenInk $a, GivenInk $b): int => abs(Lab::of($b->colour)->l - $cloth) <=> abs(Lab::of($a->colour)->l - $cloth));

        return $inks[0] ?? throw new \LogicException('There is an ink.');
    }

    private function at(float $coverage): float
    {
        return $this->printed[(int) round(255 * $coverage)];
    }
}
