<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\KeptTimes;
use Ektype\App\Query\Snapshot;

/** Has what the tests say of all lamps reckoned and kept, where it is not yet. */
final class KnowTimes
{
    private string $known = '';

    public function __construct(private readonly Moment $moment, private readonly KeptTimes $kept)
    {
    }

    public function learn(): void
    {
        $from = $this->kept->from();
        if ($from === $this->known) {
            return;
        }
        $this->moment->see(static function (Snapshot $shop): void {
            $known = $shop->lightBook()->known();
            foreach ($shop->shelves->lamps->all() as $lamp) {
                $shop->shelves->times->drift($lamp->name, $known);
            }
        });
        $this->known = $from;
    }
}
