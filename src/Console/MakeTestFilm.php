<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\TestFilmAsked;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\Strip\TestFilmSet;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<TestFilmAsked> */
#[AsCommand('steptest:film', 'A film for step tests: lines, dots, tones and figures in every strip, with marks that a picture is read by')]
final class MakeTestFilm extends OptionsCommand
{
    public function __construct(RequestReader $reader, private readonly FilmsInFolder $folder)
    {
        parent::__construct($reader);
    }

    protected function reads(): string
    {
        return TestFilmAsked::class;
    }

    protected function options(): array
    {
        return ['dpi' => false, 'strips' => false, 'formats' => true, 'out' => true];
    }

    protected function configure(): void
    {
        $this->addOption('dpi', null, InputOption::VALUE_REQUIRED, 'Film resolution, 600 or 1200', '600')
            ->addOption('strips', null, InputOption::VALUE_REQUIRED, 'How many strips', '7')
            ->addOption('formats', null, InputOption::VALUE_REQUIRED, 'pdf, png, tiff, svg', 'pdf,png')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Folder for the film');
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        $formats = FilmSetWriter::formats($asked->formats);
        $older = $this->folder->older($asked->out);
        $set = TestFilmSet::of($asked->dpi, $asked->strips, $formats);
        $this->folder->write($asked->out, $set->films, $older);

        return Told::json($output, $set->told);
    }
}
