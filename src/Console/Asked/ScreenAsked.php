<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Darkroom\ScreenWork;

/** A screen to be made, in minutes from the start of the plan. */
final readonly class ScreenAsked
{
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Within(0, 600, 'min')]
        public float $coatMin,
        #[Within(0, 10_000, 'min')]
        public float $dryMin,
        #[Within(0, 600, 'min')]
        public float $exposeMin,
        #[Within(0, 600, 'min')]
        public float $washMin,
        #[Within(0, 10_000, 'min')]
        public float $redryMin,
        #[Within(0, 600, 'min')]
        public float $tapeMin,
        public float $dueMin,
        public string $job = '',
        public string $lamp = 'lamp',
        #[Within(0, 100_000, 'min')]
        public float $readyMin = 0.0,
    ) {
    }

    public function work(): ScreenWork
    {
        return new ScreenWork(
            $this->name,
            $this->job,
            $this->lamp,
            $this->coatMin,
            $this->dryMin,
            $this->exposeMin,
            washMin: $this->washMin,
            redryMin: $this->redryMin,
            tapeMin: $this->tapeMin,
            dueMin: $this->dueMin,
            readyMin: $this->readyMin,
        );
    }
}
