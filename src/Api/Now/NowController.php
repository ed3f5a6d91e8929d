<?php

declare(strict_types=1);

namespace Ektype\App\Api\Now;

use Ektype\App\Query\Now\Now;
use Ektype\App\Query\Now\SeeNow;
use Symfony\Component\Routing\Attribute\Route;

/** Whether anything has changed, for pages that are looked at. */
final readonly class NowController
{
    public function __construct(private SeeNow $now)
    {
    }

    #[Route('/api/now', methods: ['GET'])]
    public function look(): Now
    {
        return $this->now->look();
    }
}
