<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Answer;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\JobView;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class RackController
{
    public function __construct(private EntityManagerInterface $entities, private FrameRecord $record, private JobFrames $frames, private JobReckoner $reckoner)
    {
    }

    #[Route('/api/frames/{id<\d+>}', methods: ['GET'])]
    #[OA\Get(path: '/api/frames/{id}', operationId: 'getFrame', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The frame with its tension over time', content: new OA\JsonContent(ref: FrameRecordView::class))])]
    public function show(Frame $frame): JsonResponse
    {
        return Answer::json($this->record->view($frame, new \DateTimeImmutable()));
    }

    #[Route('/api/frames/{id<\d+>}', methods: ['PATCH'])]
    #[OA\Patch(path: '/api/frames/{id}', operationId: 'changeFrame', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['state'], properties: [new OA\Property(property: 'state', type: 'string', enum: Frame::STATES)])), responses: [new OA\Response(response: 200, description: 'The frame', content: new OA\JsonContent(ref: FrameRecordView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function change(Frame $frame, Request $request): JsonResponse
    {
        $frame->state = Given::fromJson($request->getContent())->oneOf('state', Frame::STATES);
        $this->entities->flush();

        return $this->show($frame);
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

    #[Route('/api/jobs/{id<\d+>}/frames', methods: ['POST'])]
    #[OA\Post(path: '/api/jobs/{id}/frames', operationId: 'chooseFrames', description: 'The best set of frames for all plates', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The job with its frames', content: new OA\JsonContent(ref: JobView::class)), new OA\Response(response: 422, description: 'Problem details')])]
    public function choose(Job $job): JsonResponse
    {
        $this->frames->choose($job);

        return Answer::json($this->reckoner->view($job));
    }
}
