<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Ektype\App\Api\Answer;
use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class DarkroomController
{
    public function __construct(private DarkroomReckoner $reckoner, private RoomChange $room)
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

    #[Route('/api/darkroom/room', methods: ['PATCH'])]
    #[OA\Patch(path: '/api/darkroom/room', operationId: 'changeRoom', description: 'The air that was read, the places, the hours, the schools', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'temperatureC', type: 'number'),
        new OA\Property(property: 'humidityPct', type: 'number'),
        new OA\Property(property: 'airMS', type: 'number'),
        new OA\Property(property: 'dryingPlaces', type: 'integer'),
        new OA\Property(property: 'opensH', type: 'integer'),
        new OA\Property(property: 'closesH', type: 'integer'),
        new OA\Property(property: 'coatSchool', type: 'string', enum: DarkRoom::COAT_SCHOOLS),
        new OA\Property(property: 'sharpFromPerInch', type: 'number'),
        new OA\Property(property: 'rulingDivisor', type: 'number'),
    ])), responses: [new OA\Response(response: 200, description: 'The plan in that room', content: new OA\JsonContent(ref: DarkroomView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function changeRoom(Request $request): JsonResponse
    {
        $this->room->apply(Given::fromJson($request->getContent()), new \DateTimeImmutable());

        return $this->plan();
    }
}
