<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Action\Screens\ReclaimFrame;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Rack\FrameRecord;
use Ektype\App\Query\Rack\GaugeReading;
use Ektype\App\Query\Rack\SeeFrame;
use Symfony\Component\Routing\Attribute\Route;

/** A frame of the rack: its record and what is done to it. */
final readonly class RackController
{
    public function __construct(private ShopDoor $door, private SeeFrame $frame)
    {
    }

    #[Route('/api/frames/{id<[0-9]{1,9}>}', methods: ['GET'])]
    public function show(int $id): FrameRecord
    {
        return $this->frame->of($id);
    }

    #[Route('/api/frames/{id<[0-9]{1,9}>}', methods: ['PATCH'])]
    public function say(int $id, #[Body] FramePatch $patch): FrameRecord
    {
        $this->door->do($patch->change($id));

        return $this->frame->of($id);
    }

    /** It was coated; what is not told is taken from the recipe. */
    #[Route('/api/frames/{id<[0-9]{1,9}>}/coat', methods: ['POST'])]
    public function coat(int $id, #[Body] Coated $coated): FrameRecord
    {
        $this->door->do($coated->change($id));

        return $this->frame->of($id);
    }

    /** How its stencil came off. */
    #[Route('/api/frames/{id<[0-9]{1,9}>}/reclaim', methods: ['POST'])]
    public function reclaim(int $id, #[Body] Reclaimed $reclaimed): FrameRecord
    {
        $this->door->do(new ReclaimFrame($id, $reclaimed->came, $reclaimed->again));

        return $this->frame->of($id);
    }

    /** It has new mesh. */
    #[Route('/api/frames/{id<[0-9]{1,9}>}/stretch', methods: ['POST'])]
    public function stretch(int $id, #[Body] Stretched $stretched): FrameRecord
    {
        $this->door->do($stretched->change($id));

        return $this->frame->of($id);
    }

    #[Route('/api/frames/{id<[0-9]{1,9}>}/tension', methods: ['POST']), Status(201)]
    public function tension(int $id, #[Body] TensionRead $read): FrameRecord
    {
        $this->door->do($read->change($id));

        return $this->frame->of($id);
    }

    /** What the gauges read on it; the reader keeps it or not. */
    #[Route('/api/frames/{id<[0-9]{1,9}>}/gauge', methods: ['GET'])]
    public function gauge(int $id): GaugeReading
    {
        return $this->frame->gauge($id);
    }
}
