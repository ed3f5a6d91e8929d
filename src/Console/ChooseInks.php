<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\InksAsked;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\ChosenInks;
use Ektype\Core\Mix\ColourShare;
use Ektype\Core\Mix\InkChoice;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Separation\GivenInk;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<InksAsked> */
#[AsCommand('inks:choose', 'The best inks of a shelf for a picture on a garment, for one ink, two and more')]
final class ChooseInks extends OptionsCommand
{
    /** A drawing is drawn so wide and so fine to be looked at. */
    private const WIDTH_MM = 300.0;
    private const DPI = 72.0;

    public function __construct(RequestReader $reader, private readonly ArtOnGarment $art)
    {
        parent::__construct($reader);
    }

    protected function reads(): string
    {
        return InksAsked::class;
    }

    protected function options(): array
    {
        return ['garment' => true, 'palette' => true, 'max' => false, 'locked' => true, 'forbidden' => true];
    }

    protected function configure(): void
    {
        $this->addArgument('art', InputArgument::REQUIRED, 'A PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF of one page')
            ->addOption('garment', null, InputOption::VALUE_REQUIRED, 'Colour of the garment, #rrggbb')
            ->addOption('palette', null, InputOption::VALUE_REQUIRED, 'The shelf: a JSON file {"inks": [{"name", "hex", "hiding"}]} or a GIMP palette')
            ->addOption('max', null, InputOption::VALUE_REQUIRED, 'Numbers of inks are tried up to this', '8')
            ->addOption('locked', null, InputOption::VALUE_REQUIRED, 'Names of inks that are chosen in any case, with commas between', '')
            ->addOption('forbidden', null, InputOption::VALUE_REQUIRED, 'Names of inks that are not chosen', '');
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        if ($asked->palette === '') {
            throw UnreadableRequest::at('palette', 'There is no shelf to choose from. Name its file with --palette=FILE.');
        }
        $shelf = InkPalette::read($asked->palette);
        $garment = Srgb::fromHex($asked->garment);
        $art = $this->art->of(self::argument($input, 'art'), self::WIDTH_MM, $garment, self::DPI, asItIs: true);
        $choice = new InkChoice(PictureColours::of($art), $garment, $shelf, self::named($asked->locked, $shelf, 'locked'), self::named($asked->forbidden, $shelf, 'forbidden'));

        return Told::json($output, [
            'garment' => $garment->hex(),
            'counts' => array_map(static fn (ChosenInks $chosen): array => self::told($chosen, $shelf), $choice->upTo($asked->max)),
        ]);
    }

    /**
     * @param list<GivenInk> $shelf
     *
     * @return array<string, mixed>
     */
    private static function told(ChosenInks $chosen, array $shelf): array
    {
        return [
            'inks' => array_map(static fn (int $ink, float $worth): array => [
                'name' => $shelf[$ink]->name,
                'hex' => $shelf[$ink]->colour->hex(),
                'worth_delta_e' => round($worth, 3),
            ], $chosen->inks, $chosen->worth),
            'mean_delta_e' => round($chosen->mean, 3),
            'p95_delta_e' => round($chosen->p95, 3),
            'muddy_pct' => round(100 * $chosen->muddyShare, 2),
            'muddy' => array_map(static fn (ColourShare $one): array => ['hex' => $one->colour->hex(), 'share_pct' => round(100 * $one->share, 2), 'delta_e' => round($one->deltaE, 2)], $chosen->muddy),
        ];
    }

    /**
     * @param list<GivenInk> $shelf
     *
     * @return list<int> their places on the shelf
     *
     * @throws UnreadableRequest where a name is not there
     */
    private static function named(string $names, array $shelf, string $field): array
    {
        $places = [];
        foreach (array_filter(array_map(trim(...), explode(',', $names)), static fn (string $name): bool => $name !== '') as $name) {
            $at = array_search(mb_strtolower($name), array_map(static fn (GivenInk $ink): string => mb_strtolower($ink->name), $shelf), true);
            $places[] = \is_int($at) ? $at : throw UnreadableRequest::at($field, \sprintf('There is no ink “%s” on the shelf. Name one of: %s.', mb_strimwidth($name, 0, 40, '…'), implode(', ', array_map(static fn (GivenInk $ink): string => $ink->name, \array_slice($shelf, 0, 12)))));
        }

        return array_values(array_unique($places));
    }
}
