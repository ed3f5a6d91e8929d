<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Answer;
use Ektype\App\Shop\Change\Change;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\TaskDesk;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class JobsController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private JobReckoner $reckoner,
        private ChangeShelf $changes,
        private TaskDesk $tasks,
        private JobChange $change,
        private NewJob $newJob,
        private PlateStencil $stencils,
    ) {
    }

    #[Route('/api/jobs', methods: ['GET'])]
    #[OA\Get(path: '/api/jobs', operationId: 'listJobs', responses: [new OA\Response(response: 200, description: 'All jobs, newest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: JobSummaryView::class)))])]
    public function list(): JsonResponse
    {
        $jobs = $this->entities->createQuery('SELECT j, p, i FROM '.Job::class.' j LEFT JOIN j.plates p LEFT JOIN p.ink i ORDER BY j.id DESC')->getResult();

        return Answer::json(array_map($this->reckoner->summary(...), array_values(array_filter(\is_array($jobs) ? $jobs : [], static fn (mixed $j): bool => $j instanceof Job))));
    }

    #[Route('/api/jobs', methods: ['POST'])]
    #[OA\Post(
        path: '/api/jobs',
        operationId: 'newJob',
        description: 'A new job from a picture; its separation starts at once',
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['art', 'widthMm', 'garmentHex'], properties: [
            new OA\Property(property: 'art', type: 'string', format: 'binary'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'widthMm', type: 'number'),
            new OA\Property(property: 'garmentHex', type: 'string'),
            new OA\Property(property: 'garmentName', type: 'string'),
            new OA\Property(property: 'substrate', type: 'string'),
        ]))),
        responses: [new OA\Response(response: 201, description: 'The job', content: new OA\JsonContent(ref: JobView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function create(Request $request): JsonResponse
    {
        $job = $this->newJob->from($request);
        $this->tasks->start($job, 'separate');

        return Answer::json($this->reckoner->view($job), 201);
    }

    #[Route('/api/jobs/{id<\d+>}', methods: ['GET'])]
    #[OA\Get(path: '/api/jobs/{id}', operationId: 'getJob', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The whole job', content: new OA\JsonContent(ref: JobView::class))])]
    public function show(Job $job): JsonResponse
    {
        return Answer::json($this->reckoner->atOneMoment($job));
    }

    #[Route('/api/jobs/{id<\d+>}', methods: ['PATCH'])]
    #[OA\Patch(
        path: '/api/jobs/{id}',
        operationId: 'changeJob',
        parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: JobChange::class)),
        responses: [new OA\Response(response: 200, description: 'The job with its change', content: new OA\JsonContent(ref: JobView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function change(Job $job, Request $request): JsonResponse
    {
        $this->change->apply($job, Given::fromJson($request->getContent()));

        return Answer::json($this->reckoner->view($job));
    }

    #[Route('/api/jobs/{id<\d+>}/undo', methods: ['POST'])]
    #[OA\Post(path: '/api/jobs/{id}/undo', operationId: 'undoJob', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The job as it stood before the last change', content: new OA\JsonContent(ref: JobView::class))])]
    public function undo(Job $job): JsonResponse
    {
        $last = $this->entities->getRepository(Change::class)->findOneBy(['job' => $job], ['id' => 'DESC']);
        $made = $last?->madeAt;
        $this->changes->undo($job);
        $this->stencils->afterUndo($job, new \DateTimeImmutable(), $made);

        return Answer::json($this->reckoner->view($job));
    }
}
