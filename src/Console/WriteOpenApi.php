<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use OpenApi\Generator;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('openapi:write', 'Writes the description of the API, made from its attributes')]
final class WriteOpenApi extends Command
{
    public function __construct(#[Autowire('%kernel.project_dir%')] private readonly string $project)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $description = (new Generator())->generate([$this->project.'/src/Api']);
        if ($description === null) {
            throw new \RuntimeException('The API has no description.');
        }
        // Views are always sent whole: what an attribute does not call optional is there.
        $schemas = \is_array($description->components->schemas) ? $description->components->schemas : [];
        foreach ($schemas as $schema) {
            if (!\is_array($schema->required) && \is_array($schema->properties)) {
                $schema->required = array_map(static fn ($property): string => $property->property, $schema->properties);
            }
        }
        $file = $input->getArgument('file');
        file_put_contents(\is_string($file) ? $file : 'php://stdout', $description->toJson());

        return self::SUCCESS;
    }
}
