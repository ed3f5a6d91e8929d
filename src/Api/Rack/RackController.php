<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Api\Answer;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\JobView;
use Ektype\App\Api\Jobs\PlateStencil;
use Ektype\App\Device\TensionGauge;
use Ektype\App\Device\ThicknessGauge;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class RackController
{
    public function __construct(private FrameRecord $record, private FrameWork $work, private FrameDiary $diary, private PlateStencil $stencils, private TensionGauge $tension, private ThicknessGauge $thickness, private JobFrames $frames, private JobReckoner $reckoner)
    {
    }

    #[Route('/api/frames/{id<\d+>}', methods: ['GET'])]
    #[OA\Get(path: '/api/frames/{id}', operationId: 'getFrame', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The frame with its tension over time', content: new OA\JsonContent(ref: FrameRecordView::class))])]
    public function show(Frame $frame): JsonResponse
    {
        return Answer::json($this->record->view($frame, new \DateTimeImmutable()));
    }

    #[Route('/api/frames/{id<\d+>}', methods: ['PATCH'])]
    #[OA\Patch(path: '/api/frames/{id}', operationId: 'changeFrame', description: 'Its state, place, outside size and mesh angle', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'state', type: 'string', enum: Frame::STATES),
        new OA\Property(property: 'rackPlace', type: 'string'),
        new OA\Property(property: 'outsideWidthMm', type: 'number'),
        new OA\Property(property: 'outsideHeightMm', type: 'number'),
        new OA\Property(property: 'meshAngleDeg', type: 'number'),
    ])), responses: [new OA\Response(response: 200, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function change(Frame $frame, Request $request): JsonResponse
    {
        $this->work->change($frame, Given::fromJson($request->getContent()), new \DateTimeImmutable());
        $this->stencils->afterWork($frame);

        return $this->show($frame);
    }

    #[Route('/api/frames/{id<\d+>}/coat', methods: ['POST'])]
    #[OA\Post(path: '/api/frames/{id}/coat', operationId: 'coatFrame', description: 'It was coated; what is not told is taken from the recipe', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
        new OA\Property(property: 'emulsionId', type: 'integer'),
        new OA\Property(property: 'edge', type: 'string', enum: ['sharp', 'round']),
        new OA\Property(property: 'printCoats', type: 'integer'),
        new OA\Property(property: 'squeegeeCoats', type: 'integer'),
        new OA\Property(property: 'driedBetween', type: 'boolean'),
        new OA\Property(property: 'coatedAt', type: 'string', description: 'Local time; now where it is missing'),
    ])), responses: [new OA\Response(response: 200, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function coat(Frame $frame, Request $request): JsonResponse
    {
        $this->work->coat($frame, Given::fromJson($request->getContent()), new \DateTimeImmutable());
        $this->stencils->afterWork($frame);

        return $this->show($frame);
    }

    #[Route('/api/frames/{id<\d+>}/reclaim', methods: ['POST'])]
    #[OA\Post(path: '/api/frames/{id}/reclaim', operationId: 'reclaimFrame', description: 'How its stencil came off', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['came'], properties: [
        new OA\Property(property: 'came', type: 'string', enum: ['clean', 'stained', 'locked', 'torn']),
        new OA\Property(property: 'again', type: 'boolean', description: 'The screen of the plate that holds it is made again'),
    ])), responses: [new OA\Response(response: 200, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function reclaim(Frame $frame, Request $request): JsonResponse
    {
        $this->work->reclaim($frame, Given::fromJson($request->getContent()), new \DateTimeImmutable());
        $this->stencils->afterWork($frame);

        return $this->show($frame);
    }

    #[Route('/api/frames/{id<\d+>}/stretch', methods: ['POST'])]
    #[OA\Post(path: '/api/frames/{id}/stretch', operationId: 'stretchFrame', description: 'It has new mesh', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['tensionNPerCm'], properties: [
        new OA\Property(property: 'threadsPerCm', type: 'number'),
        new OA\Property(property: 'threadUm', type: 'number'),
        new OA\Property(property: 'dyed', type: 'boolean'),
        new OA\Property(property: 'tensionNPerCm', type: 'number'),
        new OA\Property(property: 'stretchedOn', type: 'string', format: 'date'),
    ])), responses: [new OA\Response(response: 200, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function stretch(Frame $frame, Request $request): JsonResponse
    {
        $this->work->stretch($frame, Given::fromJson($request->getContent()), new \DateTimeImmutable());

        return $this->show($frame);
    }

    #[Route('/api/frames/{id<\d+>}/undo', methods: ['POST'])]
    #[OA\Post(path: '/api/frames/{id}/undo', operationId: 'undoFrame', description: 'Takes the last change back', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function undo(Frame $frame): JsonResponse
    {
        $this->diary->undo($frame);
        $this->stencils->afterWork($frame);

        return $this->show($frame);
    }

    #[Route('/api/frames/{id<\d+>}/gauge', methods: ['GET'])]
    #[OA\Get(path: '/api/frames/{id}/gauge', operationId: 'readGauge', description: 'What the gauges read on it; the reader keeps it or not', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The readings', content: new OA\JsonContent(ref: GaugeView::class))])]
    public function gauge(Frame $frame): JsonResponse
    {
        $on = $this->diary->stencilOn($frame);
        $read = $this->tension->read($frame, new \DateTimeImmutable());

        return Answer::json(new GaugeView($this->tension->name(), $read['along'], $read['across'], $this->thickness->name(), $on === null ? null : $this->thickness->read($on)));
    }

    #[Route('/api/frames/{id<\d+>}/tension', methods: ['POST'])]
    #[OA\Post(
        path: '/api/frames/{id}/tension',
        operationId: 'readTension',
        parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['along', 'across'], properties: [
            new OA\Property(property: 'doneOn', type: 'string', format: 'date'),
            new OA\Property(property: 'along', type: 'array', items: new OA\Items(type: 'number'), description: 'N/cm at the corners and the middle'),
            new OA\Property(property: 'across', type: 'array', items: new OA\Items(type: 'number')),
        ])),
        responses: [new OA\Response(response: 201, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function read(Frame $frame, Request $request): JsonResponse
    {
        $now = new \DateTimeImmutable();
        $this->record->read($frame, Given::fromJson($request->getContent()), $now);

        return Answer::json($this->record->view($frame, $now), 201);
    }

    #[Route('/api/jobs/{id<\d+>}/frames', methods: ['GET'])]
    #[OA\Get(path: '/api/jobs/{id}/frames', operationId: 'proposeFrames', description: 'The best set of frames, before it is taken', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The set', content: new OA\JsonContent(ref: FrameSetView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function propose(Job $job): JsonResponse
    {
        return Answer::json($this->frames->proposal($job));
    }

    #[Route('/api/jobs/{id<\d+>}/frames', methods: ['POST'])]
    #[OA\Post(path: '/api/jobs/{id}/frames', operationId: 'chooseFrames', description: 'The best set of frames for all plates', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The job with its frames', content: new OA\JsonContent(ref: JobView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function choose(Job $job): JsonResponse
    {
        $this->frames->choose($job);

        return Answer::json($this->reckoner->view($job));
    }
}
