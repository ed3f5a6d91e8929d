<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Request\FieldAtFault;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command whose options are read into one value; what is wrong is said beside the option that it was given in.
 *
 * @template T of object
 */
abstract class OptionsCommand extends Command
{
    public function __construct(private readonly RequestReader $reader)
    {
        parent::__construct();
    }

    /** @return class-string<T> what the options are read into */
    abstract protected function reads(): string;

    /**
     * @return array<string, bool> options that are fields of it, and whether they are words
     */
    abstract protected function options(): array;

    /**
     * @param T $asked
     *
     * @throws Refusal|UnreadableRequest where it cannot be
     */
    abstract protected function carryOut(object $asked, InputInterface $input, OutputInterface $output): int;

    /** The option that a field is given in, which is none of its own. */
    protected function optionOf(string $field): string
    {
        return $field;
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $options = $this->options();
        try {
            $asked = $this->reader->words(Options::given($input->getOptions(), array_keys($options)), $this->reads(), array_keys(array_filter($options)));

            return $this->carryOut($asked, $input, $output);
        } catch (UnreadableRequest $unread) {
            $field = $this->optionOf($unread->faults[0]->field);

            return Told::refuse($output, Options::named($field), $field === '' ? $unread->getMessage() : strtr($unread->getMessage(), [$field => Options::named($field)]));
        } catch (Refusal $refusal) {
            return Told::refuse($output, Options::named(FieldAtFault::of($refusal->on, $this->reads()) ?? $this->optionOf($refusal->on)), $refusal->getMessage());
        }
    }

    protected static function argument(InputInterface $input, string $name): string
    {
        $given = $input->getArgument($name);

        return \is_string($given) ? $given : '';
    }
}
