<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Request\FieldAtFault;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\Spelling;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that reads one JSON object from a file or standard input and answers with one.
 *
 * @template T of object
 */
abstract class JsonCommand extends Command
{
    public function __construct(private readonly RequestReader $reader)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('input', InputArgument::OPTIONAL, 'A JSON file, or - for standard input', '-');
    }

    /** @return class-string<T> what it reads */
    abstract protected function reads(): string;

    /**
     * @param T $asked
     *
     * @return array<string, mixed>
     */
    abstract protected function answer(object $asked): array;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $asked = $this->reader->json(self::read($input->getArgument('input')), $this->reads(), Spelling::Snake);
            $answer = $this->answer($asked);
        } catch (UnreadableRequest $unread) {
            return Told::refuse($output, $unread->faults[0]->field, $unread->getMessage());
        } catch (Refusal $refusal) {
            return Told::refuse(
                $output,
                FieldAtFault::of($refusal->on, $this->reads(), Spelling::Snake) ?? $refusal->on,
                $refusal->getMessage(),
            );
        }

        return Told::json($output, $answer);
    }

    private static function read(mixed $from): string
    {
        if (!\is_string($from) || ($from !== '-' && !is_file($from))) {
            throw UnreadableRequest::because(
                \sprintf('There is no file “%s”. Name a JSON file, or - to read standard input.', \is_string($from) ? $from : ''),
            );
        }

        return (string) file_get_contents($from === '-' ? 'php://stdin' : $from);
    }
}
