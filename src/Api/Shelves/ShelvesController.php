<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Answer;
use Ektype\App\Api\Jobs\MeshView;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ShelvesController
{
    public function __construct(private EntityManagerInterface $entities, private Standing $standing)
    {
    }

    #[Route('/api/shop/{kind<[a-z]+>}', methods: ['POST'])]
    #[OA\Post(
        path: '/api/shop/{kind}',
        operationId: 'putOnShelf',
        description: 'Puts an ink, a frame, a lamp, an emulsion, a press, a film printer or a mesh on its shelf',
        parameters: [new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: ['inks', 'frames', 'lamps', 'emulsions', 'presses', 'printers', 'meshes']))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object', additionalProperties: new OA\AdditionalProperties())),
        responses: [new OA\Response(response: 201, description: 'All shelves', content: new OA\JsonContent(ref: ShopView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function add(string $kind, Request $request): JsonResponse
    {
        $this->standing->add($kind, Given::fromJson($request->getContent()));

        return Answer::json($this->view(), 201);
    }

    #[Route('/api/shop/{kind<[a-z]+>}/{id<\d+>}', methods: ['DELETE'])]
    #[OA\Delete(
        path: '/api/shop/{kind}/{id}',
        operationId: 'takeOffShelf',
        parameters: [
            new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: ['inks', 'frames', 'lamps', 'emulsions', 'presses', 'printers', 'meshes'])),
            new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer')),
        ],
        responses: [new OA\Response(response: 200, description: 'All shelves', content: new OA\JsonContent(ref: ShopView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function takeOff(string $kind, int $id): JsonResponse
    {
        $this->standing->takeOff($kind, $id);

        return Answer::json($this->view());
    }

    #[Route('/api/shop/emulsions/{id<\d+>}', methods: ['PATCH'])]
    #[OA\Patch(path: '/api/shop/emulsions/{id}', operationId: 'changeEmulsion', description: 'A fresh pot, or what its data sheet says', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'solidsPct', type: 'number'),
        new OA\Property(property: 'mixedOn', type: 'string', format: 'date'),
        new OA\Property(property: 'potLifeDays', type: 'integer'),
        new OA\Property(property: 'coatedLifeDays', type: 'integer'),
        new OA\Property(property: 'factor', type: 'number'),
        new OA\Property(property: 'filmUm', type: 'number'),
    ])), responses: [new OA\Response(response: 200, description: 'All shelves', content: new OA\JsonContent(ref: ShopView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function changeEmulsion(Emulsion $emulsion, Request $request): JsonResponse
    {
        $this->standing->changeEmulsion($emulsion, Given::fromJson($request->getContent()));

        return Answer::json($this->view());
    }

    #[Route('/api/shop', methods: ['GET'])]
    #[OA\Get(path: '/api/shop', operationId: 'getShop', responses: [new OA\Response(response: 200, description: 'What stands on the shop’s shelves', content: new OA\JsonContent(ref: ShopView::class))])]
    public function shop(): JsonResponse
    {
        return Answer::json($this->view());
    }

    /** @return list<OwnMeshView> coarse to fine */
    private function catalogue(): array
    {
        $rows = [];
        $frames = $this->entities->getRepository(Frame::class)->findAll();
        $inRack = static fn (Mesh $m): int => \count(array_filter($frames, static fn (Frame $f): bool => $f->threadsPerCm === $m->threadsPerCm && $f->threadUm === $m->threadUm && $f->dyed === $m->dyed));
        foreach ($this->entities->getRepository(OwnMesh::class)->findAll() as $own) {
            $mesh = $own->mesh();
            $rows[$mesh->name().$mesh->dyed] = new OwnMeshView($own->id, MeshView::of($mesh), $mesh->fromSheet, $inRack($mesh));
        }
        foreach (MeshCatalogue::typical() as $mesh) {
            $rows[$mesh->name().$mesh->dyed] ??= new OwnMeshView(null, MeshView::of($mesh), false, $inRack($mesh));
        }
        usort($rows, static fn (OwnMeshView $a, OwnMeshView $b): int => [$a->mesh->threadsPerCm, $a->mesh->threadUm] <=> [$b->mesh->threadsPerCm, $b->mesh->threadUm]);

        return $rows;
    }

    private function view(): ShopView
    {
        return new ShopView(
            array_map(InkView::of(...), $this->entities->getRepository(Ink::class)->findBy([], ['name' => 'ASC'])),
            array_map(FrameView::of(...), $this->entities->getRepository(Frame::class)->findBy([], ['threadsPerCm' => 'ASC', 'label' => 'ASC'])),
            array_map(LampView::of(...), $this->entities->getRepository(Lamp::class)->findBy([], ['id' => 'ASC'])),
            array_map(EmulsionView::of(...), $this->entities->getRepository(Emulsion::class)->findBy([], ['id' => 'ASC'])),
            array_map(PressView::of(...), $this->entities->getRepository(Press::class)->findBy([], ['id' => 'ASC'])),
            array_map(StepTestView::of(...), $this->entities->getRepository(StepTest::class)->findBy([], ['doneOn' => 'DESC', 'id' => 'DESC'])),
            array_map(FilmPrinterView::of(...), $this->entities->getRepository(FilmPrinter::class)->findBy([], ['id' => 'ASC'])),
            $this->catalogue(),
        );
    }
}
