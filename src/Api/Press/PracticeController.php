<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Press\PracticePull;
use Ektype\App\Query\Press\SeePractice;
use Symfony\Component\Routing\Attribute\Route;

/** The virtual press. */
final readonly class PracticeController
{
    public function __construct(private SeePractice $practice)
    {
    }

    /** The next pull after the turns that were made; nothing is kept. */
    #[Route('/api/practice', methods: ['POST'])]
    public function pull(#[Body] PracticeTurns $turns): PracticePull
    {
        return $this->practice->pull($turns->seed, $turns->read());
    }
}
