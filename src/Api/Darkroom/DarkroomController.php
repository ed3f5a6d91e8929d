<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Ektype\App\Api\Answer;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class DarkroomController
{
    public function __construct(private DarkroomReckoner $reckoner)
    {
    }

    #[Route('/api/darkroom', methods: ['GET'])]
    #[OA\Get(path: '/api/darkroom', operationId: 'getDarkroom', responses: [new OA\Response(response: 200, description: 'The plan from now on', content: new OA\JsonContent(ref: DarkroomView::class))])]
    public function plan(): JsonResponse
    {
        return Answer::json($this->reckoner->plan(new \DateTimeImmutable()));
    }

    #[Route('/api/darkroom', methods: ['POST'])]
    #[OA\Post(path: '/api/darkroom', operationId: 'planDarkroom', description: 'What follows when the screens get their turn in this order', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['order'], properties: [new OA\Property(property: 'order', type: 'array', items: new OA\Items(type: 'integer'))])), responses: [new OA\Response(response: 200, description: 'The plan in that order', content: new OA\JsonContent(ref: DarkroomView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function byHand(Request $request): JsonResponse
    {
        return Answer::json($this->reckoner->plan(new \DateTimeImmutable(), Given::fromJson($request->getContent())->wholes('order')));
    }
}
