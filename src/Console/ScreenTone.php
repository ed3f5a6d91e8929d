<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\ToneAsked;
use Ektype\App\FilmSet\GroupFour;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\ShopFiles;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Halftone\ScreenedFilm;
use Ektype\Core\Raster\PngFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<ToneAsked> */
#[AsCommand('tone:screen', 'Takes a picture to dots on film: grey 0 to 255 prints 1 - grey / 255')]
final class ScreenTone extends OptionsCommand
{
    protected function reads(): string
    {
        return ToneAsked::class;
    }

    protected function options(): array
    {
        return ['width-mm' => false, 'lpi' => false, 'angle' => false, 'dot' => true, 'dpi' => false, 'curve' => true, 'out' => true];
    }

    protected function configure(): void
    {
        $this->addArgument('picture', InputArgument::REQUIRED, 'A PNG, JPEG, TIFF, WebP, GIF or BMP')
            ->addOption('width-mm', null, InputOption::VALUE_REQUIRED, 'Width of the print, mm')
            ->addOption('lpi', null, InputOption::VALUE_REQUIRED, 'Ruling, lines per inch')
            ->addOption('angle', null, InputOption::VALUE_REQUIRED, 'Angle, degrees anticlockwise')
            ->addOption('dot', null, InputOption::VALUE_REQUIRED, 'round, ellipse or line', 'round')
            ->addOption('dpi', null, InputOption::VALUE_REQUIRED, 'Film resolution', '600')
            ->addOption('curve', null, InputOption::VALUE_REQUIRED, 'A JSON file {"points": [[wished tone, tone on film], …]}, %')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The film to write, .png or .tif');
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        $tiff = self::isTiff($asked->out);
        $file = ArtFile::at(self::argument($input, 'picture'));
        $curve = $asked->curve === null ? null : CurveFile::read($asked->curve);
        $film = ScreenedFilm::of($file, $asked->widthMm, $asked->dpi, $asked->lpi, $asked->angle, $asked->dot, curve: $curve);
        ShopFiles::in(\dirname($asked->out))->put(basename($asked->out), $tiff ? GroupFour::packed($film->plane, $asked->dpi) : PngFile::ofPlane($film->plane, $asked->dpi));

        return Told::json($output, [
            'lpi' => round($film->cell->lpi, 4),
            'angle_deg' => round($film->cell->angleDeg, 4),
            'dot' => $asked->dot->value,
            'dpi' => $asked->dpi,
            'width_px' => $film->plane->width,
            'height_px' => $film->plane->height,
            'width_mm' => round($film->widthMm, 4),
            'height_mm' => round($film->heightMm, 4),
            'levels' => $film->levels,
            'coverage_pct' => round(100 * $film->plane->count() / ($film->plane->width * $film->plane->height), 3),
        ]);
    }

    private static function isTiff(string $out): bool
    {
        if ($out === '' || is_dir($out) || !is_dir(\dirname($out))) {
            throw UnreadableRequest::at('out', 'There is no film to write to. Give one with --out=FILE.png or FILE.tif, in a folder that is there.');
        }

        return match (strtolower(pathinfo($out, \PATHINFO_EXTENSION))) {
            'png' => false,
            'tif', 'tiff' => true,
            default => throw UnreadableRequest::at('out', \sprintf('“%s” is neither PNG nor TIFF: a film has dots or none, and no other format here keeps them. Name it .png or .tif.', basename($out))),
        };
    }
}
