<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Action\Jobs\PrintAgain;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('job:again', 'Begins a job anew from its record: plates, films and screens that still carry its picture')]
final readonly class JobAgain
{
    public function __construct(private ShopDoor $door)
    {
    }

    public function __invoke(OutputInterface $output, #[Argument('The number of the job')] int $job): int
    {
        try {
            $done = $this->door->do(new PrintAgain($job));
        } catch (Refusal|NotHere $not) {
            return Told::refuse($output, $not instanceof Refusal ? $not->on : 'job', $not->getMessage());
        }
        $again = $done->made(Job::class);

        return Told::json($output, ['job' => $again->id, 'name' => $again->name]);
    }
}
