<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\App\Shop\Kept;
use Ektype\Core\Film\FilmAsRead;
use Ektype\Core\Film\FilmCheck;
use Ektype\Core\Film\FilmWay;
use Ektype\Core\Film\Flag;
use Ektype\Core\Film\MarkFinder;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Refusal;

/** Reads films back from the files that were written and lays them over each other. */
final readonly class LightTable
{
    /** Files beside the films that lay them otherwise. */
    private const NO_FILMS = ['nested.pdf', 'inks.pdf', 'channels.tif'];

    public function __construct(private FilmReader $reader)
    {
    }

    /**
     * Every PNG, TIFF and PDF of a folder; against the plan where a manifest lies beside them.
     *
     * @param (callable(float): void)|null                 $progress
     * @param (callable(string, int, BitPlane): void)|null $keep     given each film as it was read, with its file and page
     *
     * @throws UnreadableFilms where there is no film, or a plan that cannot be read
     */
    public function folder(string $dir, ?callable $progress = null, ?callable $keep = null): FilmCheck
    {
        if (!is_dir($dir)) {
            throw UnreadableFilms::at('dir', \sprintf('There is no folder “%s”. Name the folder that the films lie in.', $dir));
        }
        $names = array_values(
            array_filter(
                (array) scandir($dir),
                static fn (mixed $name): bool => \is_string($name) && preg_match(
                    '/\.(png|tiff?|pdf)$/i',
                    $name,
                ) === 1 && !\in_array($name, self::NO_FILMS, true),
            ),
        );
        if ($names === []) {
            throw UnreadableFilms::at('dir', \sprintf('In “%s” lies no PNG, TIFF or PDF, so there are no films to check.', $dir));
        }
        $manifest = self::manifest($dir.'/manifest.json');
        $way = $manifest === null ? new FilmWay() : new FilmWay($manifest->flag('mirrored'), $manifest->flag('negative'));
        $films = [];
        foreach ($names as $i => $name) {
            for ($page = 1, $pages = $this->reader->pages($dir.'/'.$name); $page <= $pages; ++$page) {
                [$plane, $dpiX, $dpiY] = $this->reader->read($dir.'/'.$name, $page);
                // Looked at as it will lie on the screen.
                $plane = $way->isUpright() ? $plane : $way->turned(self::asWide($plane, $dpiX, $manifest));
                $marks = MarkFinder::in($plane, $dpiX, $dpiY);
                $films[] = new FilmAsRead(
                    $pages > 1 ? \sprintf('%s, page %d', $name, $page) : $name,
                    $plane->width * 25.4 / $dpiX,
                    $plane->height * 25.4 / $dpiY,
                    $marks,
                    Flag::on($plane, $dpiX, $dpiY, $marks),
                );
                if ($keep !== null) {
                    $keep($name, $page, $plane);
                }
            }
            if ($progress !== null) {
                $progress(($i + 1) / \count($names));
            }
        }

        return FilmCheck::of($films, self::plan($manifest), $manifest !== null && $manifest->has('flag_mm'));
    }

    /** A page drawn to pixels may have one more at its right; turned, all would stand that much aside. */
    private static function asWide(BitPlane $plane, float $dpiX, ?Kept $manifest): BitPlane
    {
        $scale = $manifest !== null && $manifest->has('film_printer') && $manifest->object('film_printer')->has('scale_error_pct') ? $manifest->object('film_printer')->pair('scale_error_pct')[0] : 0.0;
        $wide = $manifest !== null && $manifest->has('film_mm') ? (int) round($manifest->pair('film_mm')[0] / (1 + $scale / 100) * $dpiX / 25.4) : $plane->width;
        if ($wide >= $plane->width || $wide < 1) {
            return $plane;
        }
        $rows = '';
        for ($y = 0; $y < $plane->height; ++$y) {
            $rows .= substr($plane->row($y), 0, ($wide + 7) >> 3);
        }

        return BitPlane::within($wide, $plane->height, $rows);
    }

    /**
     * @return Kept|null null where there is none
     *
     * @throws UnreadableFilms where there is one that cannot be read: nobody could tell whether the films keep to the plan
     */
    private static function manifest(string $manifest): ?Kept
    {
        if (!is_file($manifest)) {
            return null;
        }
        try {
            return Kept::fromJson((string) file_get_contents($manifest));
        } catch (Refusal) {
            throw UnreadableFilms::at('manifest.json', 'The manifest beside the films is no JSON, so whether they keep to their plan cannot be checked. Write the set again, or take the manifest away to check the films against each other only.');
        }
    }

    /** @return list<Point> where the marks ought to lie; nothing where there is no manifest */
    private static function plan(?Kept $given): array
    {
        if ($given === null) {
            return [];
        }
        // Films that a printer will stretch are written shorter by as much.
        $scale = $given->has('film_printer') && $given->object('film_printer')->has('scale_error_pct') ? $given->object('film_printer')->pair('scale_error_pct') : [0.0, 0.0];

        return array_map(static function (Kept $mark) use ($scale): Point {
            [$x, $y] = $mark->pair('on_film_mm');

            return new Point($x / (1 + $scale[0] / 100), $y / (1 + $scale[1] / 100));
        }, $given->objects('marks', true));
    }
}
