<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Trial;

use Ektype\App\Shop\Shelf;
use Ektype\Core\Cure\WearTest;
use Ektype\Core\Ink\InkTried;

/**
 * What the shop has tried.
 *
 * @extends Shelf<Trial>
 */
final readonly class Trials extends Shelf
{
    protected static function kind(): string
    {
        return Trial::class;
    }

    /** @return array<int, WearTest> by their numbers */
    public function wear(): array
    {
        return $this->told(TrialKind::Wear, static fn (Trial $t): WearTest => $t->wear());
    }

    /** @return array<int, InkTried> by their numbers */
    public function inks(): array
    {
        return $this->told(TrialKind::Ink, static fn (Trial $t): InkTried => $t->ink());
    }

    /**
     * @template T
     *
     * @param \Closure(Trial): T $read
     *
     * @return array<int, T>
     */
    private function told(TrialKind $kind, \Closure $read): array
    {
        $told = [];
        foreach ($this->all() as $trial) {
            if ($trial->kind === $kind) {
                $told[$trial->idOrFail()] = $read($trial);
            }
        }

        return $told;
    }
}
