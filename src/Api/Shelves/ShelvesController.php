<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Answer;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\StepTest\StepTest;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ShelvesController
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/shop', methods: ['GET'])]
    #[OA\Get(path: '/api/shop', operationId: 'getShop', responses: [new OA\Response(response: 200, description: 'What stands on the shop’s shelves', content: new OA\JsonContent(ref: ShopView::class))])]
    public function shop(): JsonResponse
    {
        return Answer::json(new ShopView(
            array_map(InkView::of(...), $this->entities->getRepository(Ink::class)->findBy([], ['name' => 'ASC'])),
            array_map(FrameView::of(...), $this->entities->getRepository(Frame::class)->findBy([], ['threadsPerCm' => 'ASC', 'label' => 'ASC'])),
            array_map(LampView::of(...), $this->entities->getRepository(Lamp::class)->findBy([], ['id' => 'ASC'])),
            array_map(EmulsionView::of(...), $this->entities->getRepository(Emulsion::class)->findBy([], ['id' => 'ASC'])),
            array_map(PressView::of(...), $this->entities->getRepository(Press::class)->findBy([], ['id' => 'ASC'])),
            array_map(StepTestView::of(...), $this->entities->getRepository(StepTest::class)->findBy([], ['doneOn' => 'DESC', 'id' => 'DESC'])),
        ));
    }
}
