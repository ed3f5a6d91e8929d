<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Separation\ColourField;
use Ektype\Core\Separation\ColourFieldReader;
use Ektype\Core\Separation\Ground;
use Ektype\Core\Separation\ImpossibleSeparation;
use Ektype\Core\Separation\PlateRaster;
use Ektype\Core\Separation\StrokeWidths;

/** The colours of a picture as they were decided, and who owns each of its pixels: plates of any size are drawn from it. */
final readonly class ReadColours
{
    /** @param bool $cutOut whether the ground was left to the garment */
    private function __construct(public SpotPalette $colours, private ColourField $field, public bool $cutOut)
    {
    }

    /**
     * @param callable(string, float): void $tell
     *
     * @throws ImpossibleSeparation where nothing would print
     */
    public static function of(ArtRaster $art, SpotRequest $request, callable $tell): self
    {
        $tell('Finding the colours', 0.0);
        $colours = SpotPalette::decided($art, $request);

        $tell('Reading the edges', 0.1);
        $owners = ColourFieldReader::clearOwners($art, $colours->palette);
        $ground = $art->seeThrough ? null : Ground::colour($owners, $art->width, $art->height, $colours->palette);
        $cutOut = $ground !== null && !$request->plan->printGround && !isset($colours->open[$colours->palette->printsAs[$ground]]);
        if ($cutOut) {
            $owners = Ground::cutOut($owners, $art->width, $art->height, $ground, $colours->cutGround($ground));
        }
        if ($colours->printing() === []) {
            throw ImpossibleSeparation::at('art', 'Every colour of the picture is the garment’s own, or transparent: no plate would print. Check the garment colour, or bring the art with its colours.');
        }

        return new self($colours, ColourFieldReader::read($art, $colours->palette, $owners), $cutOut);
    }

    /**
     * @param SpotRequest                  $request at the resolution of the film
     * @param (callable(float): void)|null $tell    told the share done, 0–1
     *
     * @return non-empty-array<int, BitPlane> by leader, none over another
     *
     * @throws ImpossibleSeparation where nothing would print
     */
    public function planes(int $filmWidth, int $filmHeight, SpotRequest $request, ?callable $tell = null): array
    {
        $planes = PlateRaster::draw($this->field, $filmWidth, $filmHeight, $this->colours->printing(), $tell);
        $planes = array_filter($planes, static fn (BitPlane $plane): bool => !$plane->isBlank());
        if ($planes === []) {
            throw ImpossibleSeparation::at('art', 'No colour of the picture holds a film pixel: nothing would print. Bring larger art.');
        }

        return self::thickened($planes, $this->colours, $request);
    }

    /**
     * What grows on one plate is knocked out of the others.
     *
     * @param non-empty-array<int, BitPlane> $planes
     *
     * @return non-empty-array<int, BitPlane>
     */
    private static function thickened(array $planes, SpotPalette $colours, SpotRequest $request): array
    {
        foreach ($request->plan->colours->thicken as $hex => $mm) {
            $leader = $colours->leaderOf($hex);
            if ($leader === null || !isset($planes[$leader])) {
                continue;
            }
            $limit = $mm / 25.4 * $request->dpi;
            $finest = StrokeWidths::of($planes[$leader], $request->dpi)->finestLineMm();
            // A film pixel at each side is the least that can be added.
            $grown = Thickened::lines($planes[$leader], $limit, max(2.0, $limit - min($limit, ($finest ?? $mm) / 25.4 * $request->dpi)));
            foreach ($planes as $other => $plane) {
                $planes[$other] = $other === $leader ? $grown : $plane->without($grown);
            }
        }

        return $planes;
    }
}
