<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\ShopFiles;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ArtController
{
    private const TYPES = ['png' => 'image/png', 'jpeg' => 'image/jpeg', 'svg' => 'image/svg+xml'];

    public function __construct(private ShopFiles $files)
    {
    }

    /** The picture as it was brought. A drawing is shown, never run: no script, nothing from elsewhere. */
    #[Route('/api/jobs/{id<\d+>}/art', methods: ['GET'])]
    public function art(Job $job): Response
    {
        return new Response($this->files->read($job->artPath), 200, [
            'Content-Type' => self::TYPES[$job->artKind] ?? 'application/octet-stream',
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:; sandbox",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }
}
