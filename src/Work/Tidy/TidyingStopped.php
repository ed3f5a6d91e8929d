<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tidy;

/** Whether tidying has stopped since too much would go, as pages are told. */
final readonly class TidyingStopped
{
    public const NOTE = 'tidying-stopped.txt';

    public function __construct(private string $shopData)
    {
    }

    /** @return string empty where it has not */
    public function says(): string
    {
        return (string) @file_get_contents($this->shopData.'/'.self::NOTE);
    }
}
