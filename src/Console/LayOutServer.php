<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Serving\Door;
use Ektype\App\Serving\ServerFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:lay-out-server', 'Writes the configurations of web server, PHP and keeper for this shop; the launcher calls it')]
final class LayOutServer extends Command
{
    public function __construct(private readonly ServerFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('port', InputArgument::REQUIRED, 'Where the pages are asked for')
            ->addOption('name', null, InputOption::VALUE_REQUIRED | InputOption::VALUE_IS_ARRAY, 'A name or number of this machine in its network; none: open to this machine alone', [])
            ->addOption('user', null, InputOption::VALUE_REQUIRED, 'Whose the processes are that answer', '')
            ->addOption('files', null, InputOption::VALUE_REQUIRED, 'How many files one process may hold open', '1024');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $port = $input->getArgument('port');
        $names = $input->getOption('name');
        $user = $input->getOption('user');
        $files = $input->getOption('files');
        $output->writeln($this->files->write(new Door(
            is_numeric($port) ? (int) $port : 0,
            array_values(array_unique(array_filter(\is_array($names) ? $names : [], static fn (mixed $n): bool => \is_string($n) && preg_match('/^[\w.-]+$/', $n) === 1))),
            \is_string($user) ? $user : '',
            is_numeric($files) ? (int) $files : 1024,
        )));

        return self::SUCCESS;
    }
}
