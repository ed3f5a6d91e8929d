<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Written;

use Ektype\App\Shop\Kept;
use Ektype\App\Shop\ShopFiles;

/**
 * What a folder of plates or films held when it was finished, by the size and SHA-256 of each file: what was cut short or
 * lost since is told, and never served as whole.
 */
final readonly class FolderSums
{
    private const NAME = 'sums.json';
    private const MOST_BYTES = 2_000_000_000;

    public function __construct(private ShopFiles $files, private string $shopData)
    {
    }

    /** @param string $folder whole and never written to again by whoever made it */
    public function write(string $folder): void
    {
        $sums = [];
        foreach (array_filter((array) glob($this->shopData.'/files/'.$folder.'/*'), \is_string(...)) as $file) {
            $sums[basename($file)] = ['bytes' => (int) filesize($file), 'sha256' => (string) hash_file('sha256', $file)];
        }
        unset($sums[self::NAME]);
        $this->files->put($folder.'/'.self::NAME, json_encode($sums, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT));
    }

    /**
     * What is missing or has another length: a quick look, for every page.
     *
     * @return list<string> names of files; nothing where a folder was made before there were sums and is there
     */
    public function missing(?string $folder): array
    {
        if ($folder === null) {
            return [];
        }
        if (!is_dir($this->shopData.'/files/'.$folder)) {
            return ['all of them'];
        }
        $missing = [];
        foreach ($this->of($folder) as $name => $sum) {
            $file = $this->shopData.'/files/'.$folder.'/'.$name;
            if (!is_file($file) || filesize($file) !== $sum->whole('bytes', 0, self::MOST_BYTES)) {
                $missing[] = $name;
            }
        }

        return $missing;
    }

    /** Whether what was read of a file is what was written; true where nobody wrote down what that was. */
    public function isWhole(string $folder, string $name, string $contents): bool
    {
        $sum = $this->of($folder)[$name] ?? null;

        return $sum === null || hash('sha256', $contents) === $sum->text('sha256');
    }

    /** @return array<string, Kept> */
    private function of(string $folder): array
    {
        if (!$this->files->has($folder.'/'.self::NAME)) {
            return [];
        }
        $all = Kept::fromJson($this->files->read($folder.'/'.self::NAME));
        $sums = [];
        foreach ($all->names() as $name) {
            $sums[$name] = $all->object($name);
        }

        return $sums;
    }
}
