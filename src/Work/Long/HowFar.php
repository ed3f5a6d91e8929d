<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

/** How far the work is that a page waits for, told beside it: by the name that the page gave itself, for as long as it lasts. */
final readonly class HowFar
{
    private const EVERY_S = 0.2;
    /** What was told so long ago belongs to work that has ended without saying so, s. */
    private const STALE_S = 60;

    public function __construct(private string $shopData)
    {
    }

    /**
     * @template T
     *
     * @param \Closure(\Closure(string, float): void): T $work is given what tells: in words, and which share is done, 0–1
     *
     * @return T
     */
    public function while(string $page, \Closure $work): mixed
    {
        $file = $this->file($page);
        $last = 0.0;
        try {
            return $work(static function (string $step, float $share) use ($file, &$last): void {
                if ($file !== null && microtime(true) - $last > self::EVERY_S) {
                    $last = microtime(true);
                    @file_put_contents($file.'.new', json_encode(['step' => $step, 'share' => round(max(0.0, min(1.0, $share)), 3)], \JSON_THROW_ON_ERROR));
                    @rename($file.'.new', $file);
                }
            });
        } finally {
            $file === null || @unlink($file);
        }
    }

    /** @return array{string, float} the step and its share; empty and nought where the page waits for nothing */
    public function of(string $page): array
    {
        $file = $this->file($page);
        $told = $file === null || !is_file($file) || time() - (int) @filemtime($file) > self::STALE_S ? null : json_decode((string) @file_get_contents($file), true);

        return \is_array($told) && \is_string($told['step'] ?? null) && is_numeric($told['share'] ?? null) ? [$told['step'], (float) $told['share']] : ['', 0.0];
    }

    private function file(string $page): ?string
    {
        if ($page === '') {
            return null;
        }
        $folder = $this->shopData.'/work';
        if (!is_dir($folder)) {
            @mkdir($folder, 0o700);
        }

        return $folder.'/far-'.hash('sha256', $page);
    }
}
