<?php

declare(strict_types=1);

namespace Ektype\App\Api\Notices;

use Ektype\App\Query\Notices\Notice;
use Ektype\App\Query\Notices\SeeNotices;
use Symfony\Component\Routing\Attribute\Route;

/** What stands above every page when it must. */
final readonly class NoticesController
{
    public function __construct(private SeeNotices $notices)
    {
    }

    /** @return list<Notice> */
    #[Route('/api/notices', methods: ['GET'])]
    public function all(): array
    {
        return $this->notices->all();
    }
}
