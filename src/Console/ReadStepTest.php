<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\StripsAsked;
use Ektype\App\Request\RequestReader;
use Ektype\App\Work\Strip\ScannedStrips;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\StepTest\StripSeen;
use Ektype\Core\StepTest\StripsRead;
use Ektype\Core\StepTest\StripTime;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** @extends JsonCommand<StripsAsked> */
#[AsCommand('steptest:read', 'The best strip of a step test, from a picture of the washed screen against the light, or from what a loupe showed (JSON)')]
final class ReadStepTest extends JsonCommand
{
    public function __construct(RequestReader $reader, private readonly ScannedStrips $scans)
    {
        parent::__construct($reader);
    }

    protected function configure(): void
    {
        $this->addArgument('input', InputArgument::OPTIONAL, 'A picture of the strips, a JSON file with what each shows, or - for standard input', '-')
            ->addOption('seconds', null, InputOption::VALUE_REQUIRED, 'What each strip of the picture was given, from strip 1 on, with commas between')
            ->addOption('increment', null, InputOption::VALUE_REQUIRED, 'Or the length of a step, s')
            ->addOption('strips', null, InputOption::VALUE_REQUIRED, 'And how many strips', (string) StepPlan::USUAL)
            ->addOption('first', null, InputOption::VALUE_REQUIRED, 'Given to all strips before the steps, s', '0');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $from = $input->getArgument('input');
        if (!\is_string($from) || $from === '-' || !is_file($from) || str_starts_with(ltrim((string) file_get_contents($from, length: 64)), '{')) {
            return parent::execute($input, $output);
        }
        try {
            $read = $this->scans->read($from, self::seconds($input));
        } catch (Refusal $refusal) {
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }

        return Told::json($output, self::told($read->strips, $read->read, $read->unsure));
    }

    protected function reads(): string
    {
        return StripsAsked::class;
    }

    protected function answer(object $asked): array
    {
        $strips = $asked->seen();
        $read = StripsRead::of($strips);

        return self::told($strips, $read, $read->unsure);
    }

    /**
     * @return list<float>
     *
     * @throws Refusal where they were not told
     */
    private static function seconds(InputInterface $input): array
    {
        $number = static function (string $option) use ($input): float {
            $given = $input->getOption($option);
            is_numeric($given) || throw UnusableTest::at($option, \sprintf('“%s” is no number. Give it in seconds.', \is_string($given) ? mb_strimwidth($given, 0, 20, '…') : ''));

            return (float) $given;
        };
        if ($input->getOption('increment') !== null) {
            return array_map(static fn (StripTime $s): float => $s->getsS, StepPlan::equal($number('increment'), (int) $number('strips'), $number('first'))->strips);
        }
        $given = $input->getOption('seconds');
        $seconds = [];
        foreach (explode(',', \is_string($given) ? $given : '') as $one) {
            if (!is_numeric(trim($one)) || (float) $one <= 0) {
                throw UnusableTest::at('seconds', 'A picture does not show how long each strip was burned. Give it with --seconds=4,8,12,16 from strip 1 on, or with --increment=4 --strips=7.');
            }
            $seconds[] = (float) $one;
        }

        return $seconds;
    }

    /**
     * @param list<StripSeen> $strips
     *
     * @return array<string, mixed>
     */
    private static function told(array $strips, StripsRead $read, bool $unsure): array
    {
        return [
            'low_s' => $read->lowS,
            'best_s' => $read->bestS,
            'high_s' => $read->highS,
            'best_strip' => $read->best,
            'all_lost' => $read->allLost,
            'all_closed' => $read->allClosed,
            'unsure' => $unsure,
            'says' => $read->says,
            'strips' => array_map(static fn (StripSeen $s): array => [
                'seconds' => $s->seconds,
                'positive_line_mm' => $s->positiveLine,
                'reverse_line_mm' => $s->reverseLine,
                'dot_mm' => $s->dot,
                'hole_mm' => $s->hole,
                'slime' => $s->slime,
            ], $strips),
        ];
    }
}
