<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Ektype\App\Api\Answer;
use Ektype\App\Shop\Plate\Plate;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ScreensController
{
    public function __construct(private MeshEffects $effects, private MoireBench $moire)
    {
    }

    #[Route('/api/plates/{id<\d+>}/meshes', methods: ['GET'])]
    #[OA\Get(path: '/api/plates/{id}/meshes', operationId: 'compareMeshes', description: 'What changes when the mesh of a plate changes', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'Coarse to fine', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MeshEffectView::class)))])]
    public function meshes(Plate $plate): JsonResponse
    {
        return Answer::json($this->effects->of($plate));
    }

    #[Route('/api/plates/{id<\d+>}/moire', methods: ['GET'])]
    #[OA\Get(path: '/api/plates/{id}/moire', operationId: 'lookForMoire', parameters: [
        new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'lpi', schema: new OA\Schema(type: 'number')),
        new OA\QueryParameter(name: 'angle', schema: new OA\Schema(type: 'number')),
    ], responses: [new OA\Response(response: 200, description: 'The pattern', content: new OA\JsonContent(ref: MoireView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function moire(Plate $plate, Request $request): JsonResponse
    {
        return Answer::json($this->moire->look($plate, $request));
    }

    #[Route('/api/plates/{id<\d+>}/moire/map', methods: ['GET'])]
    #[OA\Get(path: '/api/plates/{id}/moire/map', operationId: 'mapMoire', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The map', content: new OA\JsonContent(ref: MoireMapView::class))])]
    public function map(Plate $plate): JsonResponse
    {
        return Answer::json($this->moire->map($plate));
    }

    #[Route('/api/plates/{id<\d+>}/moire.png', methods: ['GET'])]
    public function picture(Plate $plate, Request $request): Response
    {
        return new Response($this->moire->picture($plate, $request), 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=3600']);
    }
}
