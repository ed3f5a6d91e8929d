<?php

declare(strict_types=1);

namespace Ektype\App\Api\Now;

use Ektype\App\Action\Hand;
use Ektype\App\Query\Now\Far;
use Ektype\App\Query\Now\Now;
use Ektype\App\Query\Now\SeeNow;
use Ektype\App\Work\Long\HowFar;
use Symfony\Component\Routing\Attribute\Route;

/** Whether anything has changed, for pages that are looked at. */
final readonly class NowController
{
    public function __construct(private SeeNow $now, private HowFar $far, private Hand $hand)
    {
    }

    #[Route('/api/now', methods: ['GET'])]
    public function look(): Now
    {
        return $this->now->look();
    }

    /** How far the work is that this page waits for. */
    #[Route('/api/far', methods: ['GET'])]
    public function far(): Far
    {
        return new Far(...$this->far->of($this->hand->page));
    }
}
