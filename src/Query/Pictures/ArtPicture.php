<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\ShopFiles;

/** The picture that a job is made from. */
final readonly class ArtPicture
{
    private const PREVIEW_PX = 1400;
    private const TYPES = ['png' => 'image/png', 'jpeg' => 'image/jpeg', 'svg' => 'image/svg+xml', 'webp' => 'image/webp', 'gif' => 'image/gif', 'bmp' => 'image/bmp'];

    public function __construct(private Jobs $jobs, private ShopFiles $files, private string $shopData)
    {
    }

    public function asBrought(int $jobId): string
    {
        return $this->files->read($this->jobs->get($jobId)->art->path);
    }

    /** Its media type. */
    public function type(int $jobId): string
    {
        return self::TYPES[$this->jobs->get($jobId)->art->kind] ?? 'application/octet-stream';
    }

    /** @return string PNG, drawn once and kept */
    public function preview(int $jobId): string
    {
        $path = $this->jobs->get($jobId)->art->path;
        $kept = $path.'.preview.png';
        if (!$this->files->has($kept)) {
            try {
                $picture = new \Imagick($this->shopData.'/files/'.$path.'[0]');
                $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
                // What it carries of where it came from is nobody else’s.
                $picture->stripImage();
                $picture->thumbnailImage(self::PREVIEW_PX, self::PREVIEW_PX, true);
                $picture->setImageFormat('png');
                $this->files->put($kept, $picture->getImageBlob());
            } catch (\ImagickException) {
                throw new NotHere();
            }
        }

        return $this->files->read($kept);
    }
}
