<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Job\Job;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('demo:load', 'Fills an empty shop with the Lantern Yard Print Room, a made-up shop')]
final class LoadDemo extends Command
{
    public function __construct(private readonly EntityManagerInterface $entities, private readonly DemoShelves $shelves, private readonly DemoJobs $jobs)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($this->entities->getRepository(Job::class)->count([]) > 0) {
            $output->writeln('The shop already has jobs: the demo is left as it is.');

            return self::SUCCESS;
        }
        $this->shelves->fill();
        $this->jobs->fill();
        $output->writeln('The Lantern Yard Print Room is open.');

        return self::SUCCESS;
    }
}
