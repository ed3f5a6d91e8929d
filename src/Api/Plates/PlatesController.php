<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Api\Answer;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\JobView;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Work\TaskDesk;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class PlatesController
{
    public function __construct(private JobReckoner $reckoner, private PlateChange $change, private Pull $pull, private TaskDesk $tasks)
    {
    }

    #[Route('/api/jobs/{id<\d+>}/separate', methods: ['POST'])]
    #[OA\Post(path: '/api/jobs/{id}/separate', operationId: 'separateJob', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 202, description: 'The job with its task', content: new OA\JsonContent(ref: JobView::class))])]
    public function separate(Job $job): JsonResponse
    {
        $this->tasks->start($job, 'separate');

        return Answer::json($this->reckoner->view($job), 202);
    }

    #[Route('/api/plates/{id<\d+>}', methods: ['PATCH'])]
    #[OA\Patch(
        path: '/api/plates/{id}',
        operationId: 'changePlate',
        parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PlateChange::class)),
        responses: [new OA\Response(response: 200, description: 'The job with its change', content: new OA\JsonContent(ref: JobView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function change(Plate $plate, Request $request): JsonResponse
    {
        $this->change->apply($plate, Given::fromJson($request->getContent()));

        return Answer::json($this->reckoner->view($plate->job));
    }

    #[Route('/api/jobs/{id<\d+>}/pull/{stop<\d+>}.png', methods: ['GET'])]
    public function pull(Job $job, int $stop): Response
    {
        return Answer::picture($this->pull->after($job, $stop));
    }

    #[Route('/api/plates/{id<\d+>}/film.png', methods: ['GET'])]
    public function film(Plate $plate, Request $request): Response
    {
        return Answer::picture($this->pull->film($plate, $request->query->getString('tint', '#1b1a17')));
    }
}
