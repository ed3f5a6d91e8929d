<?php

declare(strict_types=1);

namespace Ektype\App\Api\Films;

use Ektype\App\Api\Answer;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\JobView;
use Ektype\App\Api\Plates\Loupe;
use Ektype\App\Api\Plates\Pull;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\ShopFiles;
use Ektype\App\Work\TaskDesk;
use Ektype\Core\Colour\Srgb;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class FilmsController
{
    private const TYPES = ['pdf' => 'application/pdf', 'zip' => 'application/zip', 'png' => 'image/png', 'json' => 'application/json', 'tif' => 'image/tiff', 'svg' => 'image/svg+xml'];

    public function __construct(private JobReckoner $reckoner, private TaskDesk $tasks, private ShopFiles $files, private Pull $pull)
    {
    }

    #[Route('/api/jobs/{id<\d+>}/films', methods: ['POST'])]
    #[OA\Post(path: '/api/jobs/{id}/films', operationId: 'writeFilms', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 202, description: 'The job with its task', content: new OA\JsonContent(ref: JobView::class))])]
    public function write(Job $job): JsonResponse
    {
        $this->tasks->start($job, 'films');

        return Answer::json($this->reckoner->view($job), 202);
    }

    /** A film as the light table read it back from its file. */
    #[Route('/api/jobs/{id<\d+>}/table/{film<\d+>}.png', methods: ['GET'])]
    public function readBack(Job $job, int $film, Request $request): Response
    {
        return Answer::picture($this->pull->readBack($job, $film, Loupe::tint(Srgb::fromHex($request->query->getString('tint', '#1b1a17'), 'tint'))->hex()));
    }

    #[Route('/api/jobs/{id<\d+>}/films/{name<[a-z0-9-]+\.(pdf|zip|png|tif|svg|json)>}', methods: ['GET'])]
    public function download(Job $job, string $name): Response
    {
        $path = $job->filmsPath.'/'.$name;
        if ($job->filmsPath === null || !$this->files->has($path)) {
            throw new NotFoundHttpException();
        }
        $kind = pathinfo($name, \PATHINFO_EXTENSION);
        $job = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT', $job->name))), '-');

        return Answer::file($this->files->read($path), self::TYPES[$kind] ?? 'application/octet-stream', $job.'-'.$name);
    }
}
