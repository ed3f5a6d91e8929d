<?php

declare(strict_types=1);

namespace Ektype\App\Api\Tasks;

use Ektype\App\Api\Answer;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Work\TaskDesk;
use Ektype\Core\Unit\Refusal;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final readonly class TasksController
{
    public function __construct(private TaskDesk $tasks)
    {
    }

    #[Route('/api/tasks/{id<\d+>}', methods: ['GET'])]
    #[OA\Get(path: '/api/tasks/{id}', operationId: 'getTask', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The task', content: new OA\JsonContent(ref: TaskView::class))])]
    public function show(Task $task): JsonResponse
    {
        return Answer::json(TaskView::of($task));
    }

    #[Route('/api/tasks/{id<\d+>}/again', methods: ['POST'])]
    #[OA\Post(path: '/api/tasks/{id}/again', operationId: 'runTaskAgain', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 202, description: 'A new task of the same kind', content: new OA\JsonContent(ref: TaskView::class))])]
    public function again(Task $task): JsonResponse
    {
        if ($task->state !== 'failed') {
            throw Refusal::because('This work has not failed, so there is nothing to run again.');
        }

        return Answer::json(TaskView::of($this->tasks->start($task->job, $task->kind)), 202);
    }
}
