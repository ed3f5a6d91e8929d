<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\Core\Ink\Drawdown;

/** What a drawdown tells of an ink. */
final readonly class InkRead
{
    private function __construct(public string $hex, public float $hidingPct, public bool $transparent, public string $says)
    {
    }

    public static function of(Drawdown $read): self
    {
        $pct = max(1.0, round(100 * $read->hiding));

        return new self($read->colour->hex(), $pct, $read->transparent, $read->transparent
            ? \sprintf('It hides %.0f %%: a transparent ink, for four-colour work and layers. Its colour is that on white.', $pct)
            : \sprintf('It hides %.0f %% of what lies below; its colour is that of a layer that hides all.', $pct));
    }
}
