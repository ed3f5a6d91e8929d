<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Work\Tidy\Tidying;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:tidy', 'Moves what no job needs any more into the bin, however much it is; it lies there for a week')]
final class TidyShop extends Command
{
    private const OLD_S = 3600;

    public function __construct(private readonly Tidying $tidying)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Told::json($output, ['into_the_bin' => $this->tidying->tidy(time() - self::OLD_S, asked: true)]);
    }
}
