<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\Light\MeasureStartLoss;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Light\DistanceSeen;
use Ektype\App\Query\Light\LampBench;
use Ektype\App\Query\Light\LampLit;
use Ektype\App\Query\Light\SeeLamp;
use Symfony\Component\Routing\Attribute\Route;

/** A lamp by itself: how it fades, what its start loses, where it stands, and its timer. */
final readonly class LampController
{
    public function __construct(private ShopDoor $door, private SeeLamp $bench)
    {
    }

    #[Route('/api/lamps/{id<[0-9]{1,9}>}', methods: ['GET'])]
    public function bench(int $id): LampBench
    {
        return $this->bench->of($id);
    }

    /** @return list<DistanceSeen> how far a point lamp may stand, with the evenness and the time that result */
    #[Heavy]
    #[Route('/api/lamps/{id<[0-9]{1,9}>}/distances', methods: ['GET'])]
    public function distances(int $id, #[Asked] PrintUnderLamp $print): array
    {
        return $this->bench->distances($id, $print->widthMm, $print->heightMm, $print->seconds);
    }

    /** Several short burns looked like one long one. */
    #[Route('/api/lamps/{id<[0-9]{1,9}>}/start-loss', methods: ['POST'])]
    public function startLoss(int $id, #[Body] ShortBurns $burns): LampBench
    {
        $this->door->do(new MeasureStartLoss($id, $burns->longS, $burns->shortS, $burns->burns));

        return $this->bench->of($id);
    }

    /** Starts the lamp’s own timer; the shop keeps a burn only when it is told of it. */
    #[Route('/api/lamps/{id<[0-9]{1,9}>}/light', methods: ['POST'])]
    public function light(int $id, #[Body] LightFor $light): LampLit
    {
        return $this->bench->light($id, $light->seconds);
    }
}
