<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\StrikeOff\Scan;

/**
 * A scan drawn point by point, for tests: each pixel is the mean of 4 × 4 points, each of which lies in the last ink that
 * covers it. No film, no renderer and nothing of the reader has a part in it.
 */
final class DrawnScan
{
    private const FINE = 4;

    /** @var list<DrawnInk> */
    private array $inks = [];

    /** @param array{int, int, int} $cloth */
    public function __construct(private readonly int $width, private readonly int $height, private readonly float $ppi, private readonly array $cloth, private readonly int $grain = 0)
    {
    }

    /**
     * @param \Closure(float, float): bool $covers a place, mm from the top left corner, right and down
     * @param array{int, int, int}         $ink
     */
    public function print(\Closure $covers, array $ink, float $x = 0.0, float $y = 0.0, float $reach = \INF): self
    {
        $this->inks[] = new DrawnInk($covers, $ink, $x, $y, $reach);

        return $this;
    }

    /** @param array{int, int, int} $ink */
    public function disc(float $x, float $y, float $radius, array $ink): self
    {
        return $this->print(static fn (float $px, float $py): bool => ($px - $x) ** 2 + ($py - $y) ** 2 <= $radius ** 2, $ink, $x, $y, $radius);
    }

    /** @param array{int, int, int} $ink */
    public function ring(float $x, float $y, array $ink, float $spread = 0.0): self
    {
        return $this->print(static fn (float $px, float $py): bool => abs(hypot($px - $x, $py - $y) - 2.0) <= 0.15 + $spread, $ink, $x, $y, 2.15 + $spread);
    }

    /** @param array{int, int, int} $ink */
    public function cross(float $x, float $y, array $ink, float $spread = 0.0): self
    {
        return $this->print(static function (float $px, float $py) use ($x, $y, $spread): bool {
            [$dx, $dy] = [abs($px - $x), abs($py - $y)];

            return ($dx <= 0.15 + $spread && $dy <= 1.1 + $spread) || ($dy <= 0.15 + $spread && $dx <= 1.1 + $spread);
        }, $ink, $x, $y, 1.1 + $spread);
    }

    public function scan(): Scan
    {
        $picture = imagecreatetruecolor(max(1, $this->width), max(1, $this->height));
        if ($picture === false) {
            throw new \RuntimeException('There is no memory for the scan.');
        }
        $mm = 25.4 / $this->ppi;
        for ($y = 0; $y < $this->height; ++$y) {
            for ($x = 0; $x < $this->width; ++$x) {
                $here = array_filter($this->inks, static fn (DrawnInk $ink): bool => $ink->isNear($x * $mm, $y * $mm, 2 * $mm));
                $sum = $here === [] ? [$this->cloth[0] * self::FINE ** 2, $this->cloth[1] * self::FINE ** 2, $this->cloth[2] * self::FINE ** 2] : [0, 0, 0];
                for ($i = 0; $here !== [] && $i < self::FINE ** 2; ++$i) {
                    $of = $this->at($here, ($x + ($i % self::FINE + 0.5) / self::FINE) * $mm, ($y + (intdiv($i, self::FINE) + 0.5) / self::FINE) * $mm);
                    $sum = [$sum[0] + $of[0], $sum[1] + $of[1], $sum[2] + $of[2]];
                }
                $off = $this->grain > 0 ? mt_rand(-$this->grain, $this->grain) : 0;
                $byte = static fn (int $of): int => max(0, min(255, intdiv($of, self::FINE ** 2) + $off));
                imagesetpixel($picture, $x, $y, $byte($sum[0]) << 16 | $byte($sum[1]) << 8 | $byte($sum[2]));
            }
        }

        return new Scan($picture, $this->ppi);
    }

    /**
     * @param array<DrawnInk> $inks
     *
     * @return array{int, int, int}
     */
    private function at(array $inks, float $x, float $y): array
    {
        $colour = $this->cloth;
        foreach ($inks as $ink) {
            $colour = ($ink->covers)($x, $y) ? $ink->ink : $colour;
        }

        return $colour;
    }
}
