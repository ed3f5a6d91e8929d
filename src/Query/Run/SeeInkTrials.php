<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\Core\Ink\InkTried;

/** Inks that were tried, the best first. */
final readonly class SeeInkTrials
{
    public function __construct(private Moment $moment)
    {
    }

    /** @return list<InkTrialShown> */
    public function all(): array
    {
        return $this->moment->see(static function (Snapshot $shop): array {
            $trials = $shop->shelves->printing->trials->inks();

            return array_map(static fn (InkTried $t): InkTrialShown => new InkTrialShown((int) array_search($t, $trials, true), $t, $t->says()), InkTried::ranked(array_values($trials)));
        });
    }
}
