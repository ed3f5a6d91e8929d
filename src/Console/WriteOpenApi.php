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
        $json = json_decode($description->toJson(), false, 512, \JSON_THROW_ON_ERROR);
        $schemas = $json instanceof \stdClass && $json->components instanceof \stdClass && $json->components->schemas instanceof \stdClass ? $json->components->schemas : new \stdClass();
        foreach ((array) $schemas as $schema) {
            if ($schema instanceof \stdClass && !isset($schema->required) && isset($schema->properties)) {
                $schema->required = array_keys((array) $schema->properties);
            }
        }
        $file = $input->getArgument('file');
        file_put_contents(\is_string($file) ? $file : 'php://stdout', json_encode($json, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }
}
