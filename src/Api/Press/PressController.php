<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Query\Press\PressBench;
use Ektype\App\Query\Press\SeePress;
use Ektype\App\Query\Run\RunBench;
use Ektype\App\Query\Run\SeeRun;
use Symfony\Component\Routing\Attribute\Route;

/** The stages of press and run. */
final readonly class PressController
{
    public function __construct(private SeePress $press, private SeeRun $run)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/press', methods: ['GET'])]
    public function press(int $id): PressBench
    {
        return $this->press->of($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/run', methods: ['GET'])]
    public function run(int $id): RunBench
    {
        return $this->run->of($id);
    }
}
