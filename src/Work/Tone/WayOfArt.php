<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Job\BegunPlan;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Advice\Repeatability;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\TonalPlan;

/** What a method would take of art that is no job yet. */
final readonly class WayOfArt
{
    private const SIDE = 460;
    private const FILM_DPI = 600.0;

    public function __construct(private SpotPicture $spot)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where it cannot be printed so */
    public function of(MethodName $method, ArtRaster $art, PrintWanted $print): PrintWay
    {
        $small = SmallArt::sized($art, self::SIDE);
        $tonal = TonalArt::isOne($small);
        $plan = BegunPlan::of($method, []);
        $look = $print->bare(25.4 * $small->width / $print->widthMm);
        if ($plan instanceof TonalPlan) {
            $pictures = Methods::of($plan);
            if (!$pictures instanceof PicturesTones) {
                throw new \LogicException('A method of tones shows its print.');
            }
            $kept = self::once();
            // Dots are those of a film, the picture is that of a screen.
            $film = $print->bare(self::FILM_DPI);
            $plan = $pictures->settled($plan, $small, $film, $kept);
            $picture = $pictures->picture($plan, $small, $film, $kept);
            $plates = $pictures->first($plan, new OnlyArt($small), $look, $kept);
        } else {
            [$picture, $plates] = $this->spot->of(new SpotPlan(), $small, $look, 0.0);
        }
        [$mean, $p95] = OffArt::of($small, $picture);

        $shares = array_map(OffArt::share(...), $plates);

        return new PrintWay(
            $method,
            $shares,
            $method->fits($tonal, Garment::isLight(Lab::of($print->garment))),
            $mean,
            $p95,
            PrintWay::supposed($method, $shares, new SizeOfPrint($print->widthMm, $print->widthMm * $small->height / $small->width), new Cloth(Lab::of($print->garment), $print->substrate), PressAtHand::none()),
            drift: Repeatability::of($plates, $print->garment),
            suitsCloth: $method->suitsCloth(Garment::isLight(Lab::of($print->garment))),
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
