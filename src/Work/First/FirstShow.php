<?php

declare(strict_types=1);

namespace Ektype\App\Work\First;

use Ektype\App\Work\Held;
use Ektype\Core\Separation\FirstPlate;

/** A worker’s promise to show a job’s first pull: who asks meanwhile waits for it instead of drawing it too. */
final class FirstShow
{
    /** @param (\Closure(list<FirstPlate>): void)|null $keep null where nobody needs it */
    public function __construct(private readonly ?\Closure $keep, private readonly ?Held $held)
    {
    }

    /** @return (\Closure(list<FirstPlate>): void)|null */
    public function show(): ?\Closure
    {
        return $this->keep === null ? null : $this->shown(...);
    }

    /** @param list<FirstPlate> $plates */
    private function shown(array $plates): void
    {
        if ($this->keep !== null) {
            ($this->keep)($plates);
        }
        $this->close();
    }

    public function close(): void
    {
        $this->held?->release();
    }
}
