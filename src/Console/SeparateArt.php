<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\App\FilmSet\Manifest;
use Ektype\App\FilmSet\PlateOnFilm;
use Ektype\App\FilmSet\PrintOnFilm;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmWay;
use Ektype\Core\Method\Process\ProcessPlan;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Method\Spot\TintOffers;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PlateShare;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<SeparateAsked> */
#[AsCommand('art:separate', 'Takes a picture and a garment to a set of films')]
final class SeparateArt extends OptionsCommand
{
    /** Spot plates of which mixtures print as dots where that saves a plate. */
    private const TINTS = 'tints';
    private const MOST_BYTES = 20_000_000;

    public function __construct(private readonly ArtOnGarment $art, private readonly FilmsInFolder $folder, RequestReader $reader)
    {
        parent::__construct($reader);
    }

    protected function reads(): string
    {
        return SeparateAsked::class;
    }

    protected function options(): array
    {
        return ['width-mm' => false, 'garment' => true, 'method' => true, 'dpi' => false, 'palette' => true, 'curve' => true, 'formats' => true, 'media' => true, 'step-wedge' => false, 'mirrored' => false, 'negative' => false, 'copies' => false, 'out' => true];
    }

    protected function optionOf(string $field): string
    {
        return PlanOptions::named($field);
    }

    protected function configure(): void
    {
        $this->addArgument('art', InputArgument::REQUIRED, 'A PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF of one page')
            ->addOption('width-mm', null, InputOption::VALUE_REQUIRED, 'Width of the print, mm')
            ->addOption('garment', null, InputOption::VALUE_REQUIRED, 'Colour of the garment, #rrggbb')
            ->addOption('method', null, InputOption::VALUE_REQUIRED, implode('; ', array_map(static fn (MethodName $m): string => self::word($m).': '.lcfirst($m->title()), MethodName::cases())).'; tints: spot plates of which mixtures print as dots', 'spot')
            ->addOption('dpi', null, InputOption::VALUE_REQUIRED, 'Film resolution', '600')
            ->addOption('palette', null, InputOption::VALUE_REQUIRED, 'The only inks there are: a JSON file {"inks": [{"name", "hex", "hiding", "kind"}]} or a GIMP palette')
            ->addOption('curve', null, InputOption::VALUE_REQUIRED, 'A JSON file {"points": [[wished tone, tone on film], …]}, %')
            ->addOption('formats', null, InputOption::VALUE_REQUIRED, 'pdf, png, tiff, svg, each a film a plate; inks: one PDF in which each plate is a named ink that overprints; channels: one TIFF in which each is a named channel', 'pdf,png')
            ->addOption('media', null, InputOption::VALUE_REQUIRED, 'Film as width of the roll, or sheet as WIDTHxLENGTH, mm; lays the set out on it')
            ->addOption('step-wedge', null, InputOption::VALUE_NONE, 'Print a step wedge below the art')
            ->addOption('mirrored', null, InputOption::VALUE_NONE, 'Films the other way round, for ink against the glass')
            ->addOption('negative', null, InputOption::VALUE_NONE, 'Clear where the ink prints')
            ->addOption('copies', null, InputOption::VALUE_REQUIRED, 'How many of each film are laid on the media', '1')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'Folder for the films');
        PlanOptions::add($this);
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        $formats = FilmSetWriter::formats($asked->formats);
        $printer = new FilmPrinter(dpi: $asked->dpi, mediaWidthMm: 2000);
        $printer = $asked->media === null ? $printer : FilmSetWriter::media($asked->media, $printer);
        $older = $this->folder->older($asked->out);
        $method = self::method($asked->method);
        $plan = self::profiled(PlanOptions::plan($method, $input), $input);
        if ($asked->curve !== null && !$method->hasDots() && $asked->method !== self::TINTS) {
            throw UnreadableRequest::at('curve', 'Plates of this method have no tones: a curve belongs to dots. Leave it out, or take a method with dots.');
        }
        $print = $this->print($asked, $plan);
        $path = self::argument($input, 'art');
        $art = new ArtAtHand($this->art, $path);
        $made = Methods::of($plan)->separate($plan, $art, $print);
        $plan = $made->plan ?? $plan;
        $says = $made->findings->warnings;
        if ($asked->method === self::TINTS && $plan instanceof SpotPlan) {
            [$plan, $tints] = self::tinted($plan, $made, $print);
            $made = $tints === [] ? $made : Methods::of($plan)->separate($plan, $art, $print);
            $says = [...array_map(static fn (Tint $t): string => \sprintf('%s prints as %.0f %% of %s%s: ΔE00 %.1f, and a plate is saved.', $t->hex, 100 * $t->tone, $t->of, $t->with === null ? '' : \sprintf(' and %.0f %% of %s', 100 * $t->withTone, $t->with), $t->deltaE), $tints), ...$made->findings->warnings];
        }
        $heightMm = $asked->widthMm * $art->ratio();
        $films = Manifest::films(
            new PrintOnFilm(basename($path), '', $asked->widthMm, $heightMm, $print->garment, $print->garment->hex(), ppi: $art->ppi($asked->widthMm), printer: $printer, formats: $formats, stepWedge: $asked->stepWedge, nested: $asked->media !== null || $asked->copies > 1, way: new FilmWay($asked->mirrored, $asked->negative, $asked->copies)),
            self::onFilm($made, $plan, $print, $heightMm),
            $made->findings,
            $plan,
            array_values($print->shelf),
        );
        $this->folder->write($asked->out, $films, $older);
        foreach ($says as $warning) {
            $output->writeln($warning, OutputInterface::OUTPUT_RAW);
        }
        $many = \count($films->plates);
        $output->writeln(\sprintf(
            '%s of %.1f × %.1f mm at %.0f dpi %s in %s.',
            $many === 1 ? '1 film' : $many.' films',
            $asked->widthMm,
            $heightMm,
            $asked->dpi,
            $many === 1 ? 'is' : 'are',
            $asked->out,
        ), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private static function word(MethodName $method): string
    {
        return strtr($method->value, ' ', '-');
    }

    private static function method(string $word): MethodName
    {
        foreach (MethodName::cases() as $method) {
            if (self::word($method) === ($word === self::TINTS ? 'spot' : $word)) {
                return $method;
            }
        }
        throw UnreadableRequest::at('method', \sprintf('“%s” is no method. Use one of: %s, tints.', $word, implode(', ', array_map(self::word(...), MethodName::cases()))));
    }

    /** A profile is read from its file. */
    private static function profiled(Plan $plan, InputInterface $input): Plan
    {
        $file = $input->getOption('icc');
        if (!$plan instanceof ProcessPlan || !\is_string($file)) {
            return $plan;
        }
        if (!is_file($file)) {
            throw UnreadableRequest::at('icc', \sprintf('There is no file “%s” with a profile. Check its name.', $file));
        }

        return $plan->by(InkProfile::of((string) file_get_contents($file, length: self::MOST_BYTES), basename($file)));
    }

    /** Inks are those of the palette, counted from 1; without one, usual ones where the method can do with them. */
    private function print(SeparateAsked $asked, Plan $plan): PrintWanted
    {
        if ($asked->palette === null && $plan instanceof MixPlan) {
            throw UnreadableRequest::at('palette', 'A print in many inks is made of those of a shelf. Name its file with --palette=FILE.');
        }
        $shelf = $asked->palette === null ? ($plan instanceof SpotPlan ? [] : UsualShelf::few()) : InkPalette::read($asked->palette);

        return new PrintWanted(
            $asked->widthMm,
            Srgb::fromHex($asked->garment),
            $asked->dpi,
            null,
            $shelf === [] ? [] : array_combine(range(1, \count($shelf)), $shelf),
            curve: $asked->curve === null ? null : CurveFile::read($asked->curve),
            onlyShelf: $shelf !== [],
        );
    }

    /** @return array{SpotPlan, list<Tint>} the plan with every tint that saves a plate */
    private static function tinted(SpotPlan $plan, Separated $made, PrintWanted $print): array
    {
        $tints = TintOffers::together(TintOffers::among($made->plates, $print->garment, touching: $made->findings->budget));
        foreach ($tints as $tint) {
            $plan = $plan->decided($plan->colours->tinted($tint));
        }

        return [$plan, $tints];
    }

    /** @return non-empty-list<PlateOnFilm> */
    private static function onFilm(Separated $made, Plan $plan, PrintWanted $print, float $heightMm): array
    {
        $law = PrintWay::supposed(
            $plan->method(),
            array_map(static fn (SeparatedPlate $p): PlateShare => new PlateShare($p->ink->name, $p->role, $p->coveragePct / 100, Lab::of($p->colour), $p->dots === null ? null : $p->ink->laying), $made->plates),
            new SizeOfPrint($print->widthMm, $heightMm),
            new Cloth(Lab::of($print->garment), Substrate::Cotton),
            PressAtHand::none(),
        ) ?? throw new \LogicException('A print has a plate.');
        $inks = [];
        foreach ($print->shelf as $ink) {
            $inks[$ink->name] ??= $ink;
        }
        $of = array_map(static fn (SeparatedPlate $p, PlatePrint $law): PlateOnFilm => new PlateOnFilm($p, $inks[$p->ink->name] ?? null, $law->laying, $law->step), $made->plates, $law->plates);

        return $of === [] ? throw new \LogicException('A print has a plate.') : $of;
    }
}
