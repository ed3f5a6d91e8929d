<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Shop\Backup\ShopBackup;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shop:backup', 'Keeps the whole shop in one file, while it stays open')]
final class BackUpShop extends Command
{
    public function __construct(private readonly ShopBackup $backup)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Where the backup goes, a ZIP');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $count = $this->backup->write(\is_string($file) ? $file : '');
        } catch (Refusal $refusal) {
            return Told::refuse($output, $refusal->on, $refusal->getMessage());
        }
        Told::json($output, ['backup' => \is_string($file) ? basename($file) : '', 'files' => $count]);

        return self::SUCCESS;
    }
}
