<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\App\Action\Run\ProbeDryer;
use Ektype\App\Action\Run\SetDryer;
use Ektype\App\Action\Run\TakeOffDryer;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\Patch;
use Ektype\App\Query\Run\CureBench;
use Ektype\App\Query\Run\SeeCure;
use Ektype\App\Shop\Dryer\ShopDryer;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Cure\ProbeLog;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The cure of a job, and the dryers of the shop. */
final readonly class CureController
{
    private const JOB = '/api/jobs/{id<[0-9]{1,9}>}';

    public function __construct(private ShopDoor $door, private SeeCure $cure)
    {
    }

    #[Route(self::JOB.'/cure', methods: ['GET'])]
    public function cure(int $id, #[Asked] CureAsked $through): CureBench
    {
        return $this->cure->of($id, $through->dryer);
    }

    #[Route(self::JOB.'/dryers', methods: ['POST'])]
    public function put(int $id, #[MergePatch(Dryer::class)] Patch $patch): CureBench
    {
        return $this->cure->of($id, $this->door->do(new SetDryer(null, $patch))->made(ShopDryer::class)->idOrFail());
    }

    #[Route(self::JOB.'/dryers/{dryer<[0-9]{1,9}>}', methods: ['PATCH'])]
    public function set(int $id, int $dryer, #[MergePatch(Dryer::class)] Patch $patch): CureBench
    {
        $this->door->do(new SetDryer($dryer, $patch));

        return $this->cure->of($id, $dryer);
    }

    #[Route(self::JOB.'/dryers/{dryer<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function takeOff(int $id, int $dryer): CureBench
    {
        $this->door->do(new TakeOffDryer($dryer));

        return $this->cure->of($id, null);
    }

    /** The log of a probe: read, held against what the ink needs, and learned from. */
    #[Route(self::JOB.'/dryers/{dryer<[0-9]{1,9}>}/probe', methods: ['POST'])]
    public function probe(int $id, int $dryer, Request $request): CureBench
    {
        $file = Brought::file($request, 'log', 'No log came, or it did not arrive whole. Bring the table that the logger of the probe writes.');

        return $this->read($id, $dryer, (string) file_get_contents($file->getPathname()));
    }

    /** A run of the stand-in’s probe. */
    #[Route(self::JOB.'/dryers/{dryer<[0-9]{1,9}>}/probe/simulated', methods: ['POST'])]
    public function simulated(int $id, int $dryer): CureBench
    {
        return $this->read($id, $dryer, $this->cure->simulated($id, $dryer));
    }

    private function read(int $id, int $dryer, string $text): CureBench
    {
        $log = ProbeLog::read($text);
        $this->door->do(new ProbeDryer($dryer, $this->cure->times($id, $dryer, $log)));

        return $this->cure->of($id, $dryer, $log);
    }
}
