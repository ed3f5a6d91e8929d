<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Separation\Positive;

/** A plate drawn by hand comes in as a scan that was looked at already. */
final readonly class AddPositive implements Change
{
    public const MOST = 12;

    /**
     * @param string          $scan  path of the scan as it was brought
     * @param int             $marks found on it
     * @param list<WeakPlace> $weak
     */
    public function __construct(private int $jobId, private string $scan, private int $inkId, private int $marks, private array $weak)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $ink = $shop->printing->inks->find($this->inkId) ?? throw Refused::at('ink', 'The plate needs an ink: choose one from the shelf.');
        $plan = $job->spotPlan();
        if (\count($plan->positives) >= self::MOST) {
            throw Refused::at('scan', \sprintf('The job has %d drawn plates already, as many as a press has heads.', self::MOST));
        }
        $path = \sprintf('art/%s.scan', bin2hex(random_bytes(8)));
        $shop->journal->written->down($path);
        $shop->files->put($path, (string) file_get_contents($this->scan));
        // Plates drawn by hand are spot plates, whatever the picture was printed by before.
        $job->follow($plan->drawn([...$plan->positives, new Positive($path, $ink->name, $ink->hex, $ink->id, $this->marks, $this->weak)]));

        return 'Drawn plate in '.$ink->name;
    }
}
