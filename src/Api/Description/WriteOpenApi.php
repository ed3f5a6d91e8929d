<?php

declare(strict_types=1);

namespace Ektype\App\Api\Description;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('openapi:write', 'Writes the description of the API, made from its routes and types')]
final class WriteOpenApi extends Command
{
    public function __construct(private readonly Describer $describer)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        file_put_contents(
            \is_string($file) ? $file : 'php://stdout',
            json_encode(
                $this->describer->describe(),
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR,
            ),
        );

        return self::SUCCESS;
    }
}
