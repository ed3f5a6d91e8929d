<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Work\Methods;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\TonalPlan;

/** What a method would take of art that is no job yet. */
final readonly class WayOfArt
{
    private const SIDE = 460;
    private const FILM_DPI = 600.0;

    public function __construct(private Methods $methods, private SpotPicture $spot)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where it cannot be printed so */
    public function of(MethodName $method, ArtRaster $art, PrintWanted $print): PrintWay
    {
        $small = SmallArt::sized($art, self::SIDE);
        $tonal = TonalArt::isOne($small);
        $plan = BegunPlan::of($method, []);
        $look = new PrintWanted($print->widthMm, $print->garment, 25.4 * $small->width / $print->widthMm, null, $print->shelf);
        if ($plan instanceof TonalPlan) {
            $pictures = $this->methods->of($plan);
            if (!$pictures instanceof PicturesTones) {
                throw new \LogicException('A method of tones shows its print.');
            }
            $kept = self::once();
            // Dots are those of a film, the picture is that of a screen.
            $film = new PrintWanted($print->widthMm, $print->garment, self::FILM_DPI, null, $print->shelf);
            $plan = $pictures->settled($plan, $small, $film, $kept);
            $picture = $pictures->picture($plan, $small, $film, $kept);
            $plates = $pictures->first($plan, new OnlyArt($small), $look, $kept);
        } else {
            [$picture, $plates] = $this->spot->of(new SpotPlan(), $small, $look, 0.0);
        }
        [$mean, $p95] = OffArt::of($small, $picture);

        return new PrintWay(
            $method,
            array_map(OffArt::share(...), $plates),
            $method->isTonal() === $tonal && ($method !== MethodName::Layers || Garment::isLight(Lab::of($print->garment))),
            $mean,
            $p95,
            $print->widthMm ** 2 * $small->height / $small->width / 100,
        );
    }

    /**
     * Nothing is kept of art that is no job; each table is reckoned once all the same.
     *
     * @return \Closure(string, \Closure(): string): string
     */
    private static function once(): \Closure
    {
        /** @var array<string, string> $tables */
        $tables = [];

        return static function (string $key, \Closure $reckon) use (&$tables): string {
            if (!isset($tables[$key])) {
                $reckoned = $reckon();
                $tables[$key] = \is_string($reckoned) ? $reckoned : throw new \LogicException('A table is kept as text.');
            }

            return $tables[$key];
        };
    }
}
