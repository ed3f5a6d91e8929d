<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\Long\OneAtATime;

/** What is drawn for a page is drawn once and kept: who asks meanwhile waits for it. */
final readonly class DrawnOnce
{
    public function __construct(private ShopFiles $files, private OneAtATime $one)
    {
    }

    /**
     * @param string             $path among the shop’s files
     * @param \Closure(): string $draw
     */
    public function of(string $path, \Closure $draw): string
    {
        if (!$this->has($path)) {
            $held = $this->one->hold('drawn-'.substr(hash('sha256', $path), 0, 16), wait: true);
            try {
                if (!$this->has($path)) {
                    $this->files->put($path, $draw());
                }
            } finally {
                $held?->release();
            }
        }

        return $this->files->read($path);
    }

    /** @phpstan-impure another process may draw it meanwhile */
    private function has(string $path): bool
    {
        return $this->files->has($path);
    }
}
