<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\Console\Asked\SeparateWay;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Method\Layers\LayerEdge;
use Ektype\Core\Method\Process\AngleSchool;
use Ektype\Core\Method\Process\ProcessRequest;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotResult;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Method\Spot\Tinted;
use Ektype\Core\Method\Spot\TintOffers;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<SeparateAsked> */
#[AsCommand('art:separate', 'Takes a picture and a garment to a set of films')]
final class SeparateArt extends OptionsCommand
{
    /** So many thin places of a plate are listed, thinnest first. */
    private const LISTED = 60;

    public function __construct(
        private readonly ArtOnGarment $art,
        private readonly FilmsInFolder $folder,
        private readonly IndexFilms $index,
        private readonly ToneFilms $tones,
        private readonly LayerFilms $layers,
        RequestReader $reader,
    ) {
        parent::__construct($reader);
    }

    protected function reads(): string
    {
        return SeparateAsked::class;
    }

    protected function options(): array
    {
        return [
            'width-mm' => false,
            'garment' => true,
            'method' => true,
            'lpi' => false,
            'angle' => false,
            'dot' => true,
            'range' => true,
            'curve' => true,
            'hold-back-mm' => false,
            'middle' => true,
            'plates' => false,
            'base' => true,
            'highlight' => false,
            'index-dpi' => false,
            'diffusion' => true,
            'order' => true,
            'black' => false,
            'total' => false,
            'angles' => true,
            'icc' => true,
            'edge' => true,
            'inks' => false,
            'dpi' => false,
            'choke-mm' => false,
            'trap-mm' => false,
            'palette' => true,
            'formats' => true,
            'media' => true,
            'step-wedge' => false,
            'print-ground' => false,
            'out' => true,
        ];
    }

    protected function configure(): void
    {
        $this->addArgument('art', InputArgument::REQUIRED, 'A PNG, JPEG, TIFF, WebP, SVG or PDF of one page')
            ->addOption('width-mm', null, InputOption::VALUE_REQUIRED, 'Width of the print, mm')
            ->addOption('garment', null, InputOption::VALUE_REQUIRED, 'Colour of the garment, #rrggbb')
            ->addOption('method', null, InputOption::VALUE_REQUIRED, 'spot; tints for flat colours of which mixtures print as dots; one-ink or two-tone for a photograph in dots of one ink or of a dark and a light one; simulated for dots of many opaque inks over a base; process for transparent yellow, magenta, cyan and black; index for square dots side by side; layers for transparent tints over each other', 'spot')
            ->addOption('lpi', null, InputOption::VALUE_REQUIRED, 'Ruling of the dots, lines per inch', '45')
            ->addOption('angle', null, InputOption::VALUE_REQUIRED, 'Their angle, degrees anticlockwise', '22.5')
            ->addOption('dot', null, InputOption::VALUE_REQUIRED, 'round, ellipse or line', 'round')
            ->addOption('range', null, InputOption::VALUE_REQUIRED, 'The lightest and the darkest tone that the mesh holds, %', '0,100')
            ->addOption('curve', null, InputOption::VALUE_REQUIRED, 'A JSON file {"points": [[wished tone, tone on film], …]}, %')
            ->addOption('hold-back-mm', null, InputOption::VALUE_REQUIRED, 'How far the light dots keep from the dark ones, mm; without it, one film pixel')
            ->addOption('middle', null, InputOption::VALUE_REQUIRED, 'Between a dark and a light ink: garment, or picture for its own colours; without it, by what the picture is')
            ->addOption('plates', null, InputOption::VALUE_REQUIRED, 'Screens of a print in many inks, base and highlight counted: so many of the palette are chosen; without it, all of them')
            ->addOption('base', null, InputOption::VALUE_REQUIRED, 'white, grey or none under a print in many inks; without it, white where the garment is dark')
            ->addOption('highlight', null, InputOption::VALUE_NONE, 'A highlight white prints last in a simulated process')
            ->addOption('index-dpi', null, InputOption::VALUE_REQUIRED, 'Squares an inch of an index print; without it, 200')
            ->addOption('diffusion', null, InputOption::VALUE_REQUIRED, 'How squares are spread: “error diffusion” or “blue noise”', Diffusion::Errors->value)
            ->addOption('order', null, InputOption::VALUE_REQUIRED, 'Print order of a simulated process: “light to dark”, “dark to light”, “dark first, then light to dark” or “as listed”', OrderSchool::LightToDark->value)
            ->addOption('black', null, InputOption::VALUE_REQUIRED, 'Share of the grey that black takes in four-colour process, 0 to 1', (string) ProcessRequest::USUAL_BLACK)
            ->addOption('total', null, InputOption::VALUE_REQUIRED, 'Ink together at the most in four-colour process, 1 for 100 %', (string) ProcessRequest::USUAL_TOTAL)
            ->addOption('angles', null, InputOption::VALUE_REQUIRED, 'Four-colour plates at a “fan” of angles, or at “one angle”', AngleSchool::Fan->value)
            ->addOption('icc', null, InputOption::VALUE_REQUIRED, 'An ICC profile of four inks, in place of their colours')
            ->addOption('edge', null, InputOption::VALUE_REQUIRED, 'How layers end: clean, soft or grained', LayerEdge::Clean->value)
            ->addOption('inks', null, InputOption::VALUE_REQUIRED, 'How many inks at the most; without it, every colour found')
            ->addOption('dpi', null, InputOption::VALUE_REQUIRED, 'Film resolution', '600')
            ->addOption('choke-mm', null, InputOption::VALUE_REQUIRED, 'Choke of the base, mm', '0.25')
            ->addOption(
                'trap-mm',
                null,
                InputOption::VALUE_REQUIRED,
                'How far a lighter plate spreads under a darker neighbour, mm; 0 lets plates butt',
                '0',
            )
            ->addOption(
                'palette',
                null,
                InputOption::VALUE_REQUIRED,
                'The only inks there are: a JSON file {"inks": [{"name", "hex"}]} or a GIMP palette',
            )
            ->addOption('formats', null, InputOption::VALUE_REQUIRED, 'pdf, png, tiff, svg', 'pdf,png')
            ->addOption(
                'media',
                null,
                InputOption::VALUE_REQUIRED,
                'Film as width of the roll, or sheet as WIDTHxLENGTH, mm; lays the set out on it',
            )
            ->addOption('step-wedge', null, InputOption::VALUE_NONE, 'Print a step wedge below the art')
            ->addOption('print-ground', null, InputOption::VALUE_NONE, 'Print a paper-white ground too, instead of leaving it open')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Folder for the films');
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        $request = $asked->request();
        $formats = FilmSetWriter::formats($asked->formats);
        $printer = new FilmPrinter(dpi: $request->dpi, mediaWidthMm: 2000);
        $printer = $asked->media === null ? $printer : FilmSetWriter::media($asked->media, $printer);
        $out = $asked->out;
        $older = $this->folder->older($out);
        $path = self::argument($input, 'art');
        if ($asked->method->isTonal()) {
            [$plates, $says] = $this->tones->write($asked, $this->art->of($path, $request->widthMm, $request->garment, $request->dpi, asItIs: true), basename($path), $formats, $printer, $older);

            return $this->done($output, $says, \count($plates), $plates[0]->widthMm, $plates[0]->heightMm, $request->dpi, $out);
        }
        if ($asked->method === SeparateWay::Index) {
            $art = $this->art->of($path, $request->widthMm, $request->garment, $request->dpi, asItIs: true);
            $index = $this->index->write($asked, $art, basename($path), $formats, $printer, $older);

            return $this->done($output, $index->says, \count($index->plates), $index->widthMm, $index->heightMm, $request->dpi, $out);
        }
        if ($asked->method === SeparateWay::Layers) {
            $art = $this->art->of($path, $request->widthMm, $request->garment, $request->dpi, asItIs: true);
            [$layers, $widthMm, $heightMm] = $this->layers->write($asked, $art, basename($path), $formats, $printer, $older);

            return $this->done($output, [], $layers, $widthMm, $heightMm, $request->dpi, $out);
        }
        $art = $this->art->of($path, $request->widthMm, $request->garment, $request->dpi);
        $result = SpotSeparation::of($art, $request);
        $tinted = $asked->method === SeparateWay::Tints ? self::tinted($art, $request, $result, $asked) : null;
        $result = $tinted->result ?? $result;
        $this->films($result, $tinted, $request, $asked, basename($path), $formats, $printer, $older);
        $says = array_map(static fn (Tint $t): string => \sprintf('%s prints as %.0f %% of %s%s: ΔE00 %.1f, and a plate is saved.', $t->hex, 100 * $t->tone, $t->of, $t->with === null ? '' : \sprintf(' and %.0f %% of %s', 100 * $t->withTone, $t->with), $t->deltaE), $tinted->tints ?? []);

        return $this->done($output, [...$says, ...$result->warnings], \count($result->plates), $result->widthMm, $result->heightMm, $result->dpi, $out);
    }

    /** null where no colour is a mixture of another's ink and what lies under it */
    private static function tinted(ArtRaster $art, SpotRequest $request, SpotResult $result, SeparateAsked $asked): ?Tinted
    {
        [$dots, $range, $curve] = $asked->tintDots();
        $tints = TintOffers::together(TintOffers::among($result->plates, $request->garment, $range, $result->budget));

        return $tints === [] ? null : Tinted::of($art, $request, $tints, $dots, $asked->dot, $curve);
    }

    /** @param list<string> $warnings */
    private function done(OutputInterface $output, array $warnings, int $films, float $widthMm, float $heightMm, float $dpi, string $out): int
    {
        foreach ($warnings as $warning) {
            $output->writeln($warning, OutputInterface::OUTPUT_RAW);
        }
        $output->writeln(
            \sprintf(
                '%s of %.1f × %.1f mm at %.0f dpi %s in %s.',
                $films === 1 ? '1 film' : $films.' films',
                $widthMm,
                $heightMm,
                $dpi,
                $films === 1 ? 'is' : 'are',
                $out,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /**
     * @param list<string> $formats
     * @param list<string> $older   files of a set that lies there already
     */
    private function films(SpotResult $result, ?Tinted $tinted, SpotRequest $request, SeparateAsked $asked, string $artName, array $formats, FilmPrinter $printer, array $older): void
    {
        $count = \count($result->plates);
        $sheet = new FilmSheet(
            $result->plates[0]->plane->width,
            $result->plates[0]->plane->height,
            $result->dpi,
            $count,
            $printer->feedMarginMm,
            $asked->stepWedge,
        );
        $films = [];
        $plates = [];
        foreach ($result->plates as $i => $plate) {
            $label = \sprintf(
                '%s   plate %d of %d   %s   on %s   %s   this way up, ink side up',
                $artName,
                $i + 1,
                $count,
                $plate->name,
                $request->garment->hex(),
                $tinted === null || $tinted->onPlate($plate) === [] ? 'no halftone' : \sprintf('%.1f lpi %.1f° %s', $tinted->dots->lpi, $tinted->dots->angleDeg, $asked->dot->value),
            );
            $films[] = new FilmPlate($plate->name, $plate->plane, $label);
            $plates[] = [...self::described($plate, $i, $formats), ...$tinted === null ? [] : self::tints($plate, $tinted, $asked)];
        }
        $manifest = [
            'art' => $artName,
            'method' => $asked->method->value,
            'width_mm' => round($result->widthMm, 4),
            'height_mm' => round($result->heightMm, 4),
            'size_mm' => [round($result->widthMm, 4), round($result->heightMm, 4)],
            'garment' => $request->garment->hex(),
            'art_ppi' => round($result->ppi, 1),
            'choke_mm' => $request->chokeMm,
            'trap_mm' => $request->trapMm,
            ...FilmSetWriter::sheet($sheet, $printer),
            'plates' => $plates,
            'palette' => array_map(
                static fn (FoundColour $c): array => [
                    'hex' => $c->hex,
                    'share_pct' => $c->sharePct,
                    'prints_as' => $c->printsAs,
                    'left_open' => $c->leftOpen,
                    'why_open' => $c->whyOpen,
                ],
                $result->palette,
            ),
            'strays' => array_map(
                static fn (StrayShade $s): array => [
                    'stray' => $s->stray,
                    'into' => $s->into,
                    'delta_e' => $s->deltaE,
                    'area_pct' => $s->areaPct,
                ],
                $result->strays,
            ),
            'ground_left_open' => $result->groundLeftOpen,
            'art_kind' => ['kind' => $result->kind->kind, 'method' => $result->kind->method, 'why' => $result->kind->why],
            'register_budget' => [
                'mm' => $result->budgetMm,
                'pairs' => array_map(
                    static fn (NeighbourBudget $p): array => ['one' => $p->one, 'two' => $p->two, 'mm' => $p->mm],
                    $result->budget,
                ),
            ],
            'thin_base' => array_map(self::place(...), $result->thinBase),
            'witness_spots' => array_map(
                static fn (WitnessSpot $w): array => ['x_mm' => $w->xMm, 'y_mm' => $w->yMm, 'plates' => $w->plates],
                $result->witnesses,
            ),
            'warnings' => $result->warnings,
        ];
        $this->folder->write($asked->out, $artName, $sheet, $films, $manifest, $formats, $printer, $asked->media !== null, $older);
    }

    /** @return array<string, mixed> of a plate that carries other colours in dots */
    private static function tints(SeparatedPlate $plate, Tinted $tinted, SeparateAsked $asked): array
    {
        $tints = $tinted->onPlate($plate);

        return $tints === [] ? [] : [
            'lpi' => round($tinted->dots->lpi, 4),
            'angle_deg' => round($tinted->dots->angleDeg, 4),
            'dot' => $asked->dot->value,
            'tints' => array_map(static fn (Tint $t): array => ['hex' => $t->hex, 'tone_pct' => round(100 * $t->toneOf($plate->artColour?->hex() ?? ''), 1), 'delta_e' => $t->deltaE], $tints),
        ];
    }

    /**
     * @param list<string> $formats
     *
     * @return array<string, mixed>
     */
    private static function described(SeparatedPlate $plate, int $i, array $formats): array
    {
        return [
            'name' => $plate->name,
            'role' => $plate->role->value,
            'hex' => $plate->colour->hex(),
            'coverage_pct' => round($plate->coveragePct, 4),
            'area_cm2' => round($plate->areaCm2, 3),
            'art_area_cm2' => round($plate->artAreaCm2, 3),
            'ink' => $plate->ink,
            'overprints' => $plate->overprints,
            'finest_line_mm' => $plate->strokes->finestLineMm(),
            'finest_gap_mm' => $plate->strokes->finestGapMm(),
            'thin_lines' => array_map(self::place(...), \array_slice($plate->strokes->lines, 0, self::LISTED)),
            'thin_gaps' => array_map(self::place(...), \array_slice($plate->strokes->gaps, 0, self::LISTED)),
            ...FilmSetWriter::filesOf($i + 1, $plate->name, $formats),
            'why_here' => $plate->orderReason,
            'flash_after' => $plate->flashAfter,
            'why_flash' => $plate->flashReason,
        ];
    }

    /** @return array{at_mm: array{float, float}, width_mm: float, length_mm: float} from the print's top left corner */
    private static function place(ThinPlace $place): array
    {
        return ['at_mm' => [$place->xMm, $place->yMm], 'width_mm' => $place->widthMm, 'length_mm' => $place->lengthMm];
    }
}
