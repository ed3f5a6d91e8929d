<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Shop\Job\Jobs;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Messenger\MessageBusInterface;

#[AsCommand('demo:load', 'Fills an empty shop with the Lantern Yard Print Room, a made-up shop')]
final class LoadDemo extends Command
{
    public function __construct(private readonly Jobs $all, private readonly ShopDoor $door, private readonly DemoJobs $jobs, private readonly MessageBusInterface $bus)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('first', null, InputOption::VALUE_NONE, 'Only the first job as far as it comes; the workers draw the others');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($this->all->count() > 0) {
            $output->writeln('The shop already has jobs: the demo is left as it is.');

            return self::SUCCESS;
        }
        $this->door->do(new DemoShelves());
        if ($input->getOption('first') !== true) {
            $this->jobs->fill();
        } else {
            foreach ($this->jobs->begin() as $on) {
                $this->bus->dispatch($on);
            }
        }
        $output->writeln('The Lantern Yard Print Room is open.');

        return self::SUCCESS;
    }
}
