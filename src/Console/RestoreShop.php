<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Shop\Backup\ShopRestore;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:restore', 'Opens a backup into a new folder')]
final class RestoreShop extends Command
{
    public function __construct(private readonly ShopRestore $restore)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The backup');
        $this->addArgument('into', InputArgument::REQUIRED, 'The new folder of the shop');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $into] = [$input->getArgument('file'), $input->getArgument('into')];
        try {
            $count = $this->restore->into(\is_string($into) ? $into : '', \is_string($file) ? $file : '');
        } catch (Refusal $refusal) {
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }
        Told::json($output, ['shop' => $into, 'files' => $count]);

        return self::SUCCESS;
    }
}
