<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\AdviceAsked;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\App\Work\Tone\WayOfArt;
use Ektype\Core\Advice\MethodAdvice;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends OptionsCommand<AdviceAsked> */
#[AsCommand('tone:advise', 'Every way to print a picture on a garment, with what it takes and how near it comes, one of them advised')]
final class AdviseMethod extends OptionsCommand
{
    private const DPI = 72.0;

    public function __construct(RequestReader $reader, private readonly ArtOnGarment $art, private readonly WayOfArt $ways)
    {
        parent::__construct($reader);
    }

    protected function reads(): string
    {
        return AdviceAsked::class;
    }

    protected function options(): array
    {
        return ['garment' => true, 'palette' => true, 'width-mm' => false, 'care' => true, 'quantity' => false, 'heads' => false];
    }

    protected function configure(): void
    {
        $this->addArgument('art', InputArgument::REQUIRED, 'A PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF of one page')
            ->addOption('garment', null, InputOption::VALUE_REQUIRED, 'Colour of the garment, #rrggbb')
            ->addOption('palette', null, InputOption::VALUE_REQUIRED, 'The shelf: a JSON file {"inks": [{"name", "hex", "hiding", "kind"}]}; without it, usual inks of every colour', '')
            ->addOption('width-mm', null, InputOption::VALUE_REQUIRED, 'Width of the print, mm', '300')
            ->addOption('care', null, InputOption::VALUE_REQUIRED, '“side by side”, usual or giveaway', 'usual')
            ->addOption('quantity', null, InputOption::VALUE_REQUIRED, 'How many are printed', '60')
            ->addOption('heads', null, InputOption::VALUE_REQUIRED, 'Heads of the press; without it, as many as are needed');
    }

    protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int
    {
        $garment = Srgb::fromHex($asked->garment);
        $art = $this->art->of(self::argument($input, 'art'), $asked->widthMm, $garment, self::DPI, asItIs: true);
        $shelf = $asked->palette === '' ? UsualShelf::inks() : InkPalette::read($asked->palette);
        $print = new PrintWanted($asked->widthMm, $garment, self::DPI, null, array_combine(range(1, \count($shelf)), $shelf));
        $ways = [];
        $cannot = [];
        foreach (MethodName::cases() as $method) {
            try {
                $ways[] = $this->ways->of($method, $art, $print);
            } catch (Refusal $none) {
                $cannot[] = ['method' => $method->value, 'why' => $none->getMessage()];
            }
        }
        $advice = MethodAdvice::of($ways, $asked->care, $asked->quantity, $asked->heads);

        return Told::json($output, [
            'garment' => $garment->hex(),
            'recommended' => $advice?->method->value,
            'sentence' => $advice->sentence ?? 'The press has fewer heads than any way needs screens.',
            'ways' => array_map(static fn (PrintWay $way): array => self::told($way, $asked->heads), $ways),
            'cannot' => $cannot,
        ]);
    }

    /** @return array<string, mixed> */
    private static function told(PrintWay $way, ?int $heads): array
    {
        return [
            'method' => $way->method->value,
            'fits' => $way->fits,
            'plates' => array_map(static fn ($plate): array => ['name' => $plate->ink, 'role' => $plate->role->value, 'coverage_pct' => round(100 * $plate->share, 2)], $way->plates),
            'set_up_min' => round($way->setUpMin),
            'seconds_a_shirt' => round($way->secondsAShirt),
            'ink_g' => round($way->inkGrams, 2),
            'mean_delta_e' => round($way->mean, 2),
            'p95_delta_e' => round($way->p95, 2),
            'drift_delta_e' => round($way->drift, 2),
            'suits_cloth' => $way->suitsCloth,
            'risks' => $way->risks($heads, 'the press'),
        ];
    }
}
