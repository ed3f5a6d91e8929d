<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Folder;

/** How much room is left on the disk that the shop lies on. */
final readonly class DiskRoom
{
    /** From here down the pages say so, bytes (heuristic: some large jobs). */
    private const SCARCE = 500_000_000;
    /** With less than this left, what went wrong went wrong for want of room, bytes. */
    private const FULL = 20_000_000;

    public function __construct(private string $shopData)
    {
    }

    public function left(): int
    {
        return (int) @disk_free_space($this->shopData);
    }

    public function isScarce(): bool
    {
        return $this->left() < self::SCARCE;
    }

    public function isFull(): bool
    {
        return $this->left() < self::FULL;
    }

    /** Which disk, and what is left on it. */
    public function says(): string
    {
        return \sprintf('%s left on the disk that holds %s', self::amount($this->left()), $this->shopData);
    }

    /** With a whole number of MB: nobody clears away a tenth of one. */
    public static function amount(int $bytes): string
    {
        return $bytes >= 10_000_000_000 ? \sprintf('%d GB', intdiv($bytes, 1_000_000_000)) : \sprintf('%d MB', intdiv($bytes, 1_000_000));
    }
}
