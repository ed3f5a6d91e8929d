<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Work\ArtOnGarment;
use Ektype\App\Work\FilmSetWriter;
use Ektype\App\Work\ShopFiles;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\SpotRequest;
use Ektype\Core\Separation\SpotResult;
use Ektype\Core\Separation\SpotSeparation;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('art:separate', 'Takes a picture and a garment to a set of films')]
final class SeparateArt extends Command
{
    public function __construct(private readonly ArtOnGarment $art, private readonly FilmSetWriter $writer)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('art', InputArgument::REQUIRED, 'A PNG, JPEG, TIFF, WebP or SVG')
            ->addOption('width-mm', null, InputOption::VALUE_REQUIRED, 'Width of the print, mm')
            ->addOption('garment', null, InputOption::VALUE_REQUIRED, 'Colour of the garment, #rrggbb')
            ->addOption('inks', null, InputOption::VALUE_REQUIRED, 'How many inks at the most; without it, every colour found')
            ->addOption('dpi', null, InputOption::VALUE_REQUIRED, 'Film resolution', '600')
            ->addOption('choke-mm', null, InputOption::VALUE_REQUIRED, 'Choke of the base, mm', '0.25')
            ->addOption('print-ground', null, InputOption::VALUE_NONE, 'Print a paper-white ground too, instead of leaving it open')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Folder for the films');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $options = Given::of(array_map(static fn (mixed $v): mixed => \is_string($v) && is_numeric($v) ? $v + 0 : $v, $input->getOptions()));
            $request = new SpotRequest(
                $options->number('width-mm', 5, SpotSeparation::WIDEST_MM, 'mm'),
                Srgb::fromHex(self::word($input->getOption('garment')), 'garment'),
                $options->has('inks') ? $options->whole('inks', 1, 24) : null,
                $options->number('dpi', 100, 2880, 'dpi'),
                $options->number('choke-mm', 0, 3, 'mm'),
                printGround: $options->flag('print-ground'),
            );
            $out = self::word($input->getOption('out'));
            if ($out === '') {
                throw Refusal::at('out', 'There is no folder to write the films to. Give one with --out=DIR.');
            }
            if (is_file($out)) {
                throw Refusal::at('out', \sprintf('“%s” is a file, not a folder. Give another --out.', $out));
            }
            $path = self::word($input->getArgument('art'));
            $result = SpotSeparation::of($this->art->of($path, $request->widthMm, $request->garment), $request);
        } catch (Refusal $refusal) {
            return JsonCommand::refuse($output, $refusal);
        }
        $this->films($result, $request, basename($path), $out);
        foreach ($result->warnings as $warning) {
            $output->writeln($warning, OutputInterface::OUTPUT_RAW);
        }
        $output->writeln(\sprintf('%d films of %.1f × %.1f mm at %.0f dpi are in %s.', \count($result->plates), $result->widthMm, $result->heightMm, $result->dpi, $out), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function films(SpotResult $result, SpotRequest $request, string $artName, string $out): void
    {
        $count = \count($result->plates);
        $sheet = new FilmSheet($result->plates[0]->plane->width, $result->plates[0]->plane->height, $result->dpi, $count);
        $films = [];
        $plates = [];
        foreach ($result->plates as $i => $plate) {
            $label = \sprintf('%s   plate %d of %d   %s   on %s   this way up', $artName, $i + 1, $count, $plate->name, $request->garment->hex());
            $films[] = new FilmPlate($plate->name, $plate->plane, $label);
            $plates[] = self::described($plate, $i);
        }
        $manifest = [
            'art' => $artName,
            'width_mm' => round($result->widthMm, 4),
            'height_mm' => round($result->heightMm, 4),
            'size_mm' => [round($result->widthMm, 4), round($result->heightMm, 4)],
            'garment' => $request->garment->hex(),
            'art_ppi' => round($result->ppi, 1),
            ...FilmSetWriter::sheet($sheet),
            'plates' => $plates,
            'palette' => $result->palette,
            'strays' => $result->strays,
            'ground_left_open' => $result->groundLeftOpen,
            'warnings' => $result->warnings,
        ];
        // All is written beside the wish first: a run that breaks off leaves no half set under its name.
        $aside = rtrim($out, '/').'.part-'.getmypid();
        $names = $this->writer->write(ShopFiles::in($aside), '', $artName, $sheet, $films, $manifest);
        if (!is_dir($out)) {
            mkdir($out, 0o777, true);
        }
        foreach ($names as $name) {
            rename($aside.'/'.$name, $out.'/'.$name);
        }
        rmdir($aside);
    }

    /** @return array<string, mixed> */
    private static function described(SeparatedPlate $plate, int $i): array
    {
        return [
            'name' => $plate->name,
            'role' => $plate->role->value,
            'hex' => $plate->colour->hex(),
            'coverage_pct' => round($plate->coveragePct, 4),
            'area_cm2' => round($plate->areaCm2, 3),
            'finest_line_mm' => $plate->finestLineMm,
            'png' => FilmPlate::fileName($i + 1, $plate->name),
            'why_here' => $plate->orderReason,
            'flash_after' => $plate->flashAfter,
            'why_flash' => $plate->flashReason,
        ];
    }

    private static function word(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
