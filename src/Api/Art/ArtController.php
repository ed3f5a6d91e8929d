<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Api\Answer;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\ShopFiles;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ArtController
{
    private const TYPES = ['png' => 'image/png', 'jpeg' => 'image/jpeg', 'svg' => 'image/svg+xml', 'webp' => 'image/webp'];

    private const PREVIEW = 1400;

    public function __construct(private ShopFiles $files, private string $shopData)
    {
    }

    /** The picture small, as PNG, for kinds that a browser does not show. */
    #[Route('/api/jobs/{id<\d+>}/art.png', methods: ['GET'])]
    public function preview(Job $job): Response
    {
        $kept = $job->artPath.'.preview.png';
        if (!$this->files->has($kept)) {
            try {
                $picture = new \Imagick($this->shopData.'/files/'.$job->artPath.'[0]');
                $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
                $picture->thumbnailImage(self::PREVIEW, self::PREVIEW, true);
                $picture->setImageFormat('png');
                $this->files->put($kept, $picture->getImageBlob());
            } catch (\ImagickException) {
                throw new NotFoundHttpException();
            }
        }

        return Answer::picture($this->files->read($kept));
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
