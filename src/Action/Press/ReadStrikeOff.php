<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Registration\Reading;

/** One print of a strike-off was read for all its plates, from its scan: it is added to what was read of each. */
final readonly class ReadStrikeOff implements Change
{
    /** @param array<int, list<Reading>> $readings by plate */
    public function __construct(private int $jobId, private array $readings, private ?int $platen = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $read = 0;
        foreach ($job->platesInOrder() as $plate) {
            $readings = $this->readings[$plate->idOrFail()] ?? [];
            if ($readings === []) {
                continue;
            }
            // What was read of a picture that is no more is not added to.
            $before = $plate->wasReadOfAnother() ? [] : $plate->readings();
            (new ReadMarks($plate->idOrFail(), [...$before, $readings], [...$before === [] ? [] : $plate->readPlatens(), $this->platen]))->carryOut($shop);
            ++$read;
        }
        if ($read === 0) {
            throw Refused::at('scan', 'No plate of this job was read from the scan, so nothing was kept. Read it under a loupe, or scan it again.');
        }

        return 'Strike-off of '.$job->name;
    }
}
