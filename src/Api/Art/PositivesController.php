<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Answer;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\JobView;
use Ektype\App\Shop\Change\ChangeShelf;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\FilmPdf;
use Ektype\App\Work\ScannedPositive;
use Ektype\App\Work\SeparateJob;
use Ektype\App\Work\ShopFiles;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Unit\Refusal;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Plates drawn by hand: the sheet to draw over, and the scans that come back. */
final readonly class PositivesController
{
    private const MOST = 12;

    public function __construct(private EntityManagerInterface $entities, private ScannedPositive $scans, private ShopFiles $files, private ChangeShelf $changes, private JobReckoner $reckoner)
    {
    }

    /** The marks of this job on an empty film, to draw over. */
    #[Route('/api/jobs/{id<\d+>}/mark-sheet.pdf', methods: ['GET'])]
    public function sheet(Job $job): Response
    {
        $sheet = SeparateJob::markSheet($job);
        $empty = new FilmPlate($job->name, BitPlane::blank(8, 8), $job->name.'   mark sheet, draw each plate over these marks');
        $png = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($png, PngFile::ofPlane($empty->plane, $sheet->dpi));
            $pdf = new FilmPdf($sheet, $job->name);
            $pdf->addFilm($empty, $png);
        } finally {
            unlink($png);
        }

        return Answer::file($pdf->bytes(), 'application/pdf', 'mark-sheet.pdf');
    }

    #[Route('/api/jobs/{id<\d+>}/positives', methods: ['POST'])]
    #[OA\Post(
        path: '/api/jobs/{id}/positives',
        operationId: 'addPositive',
        parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['scan', 'inkId'], properties: [new OA\Property(property: 'scan', type: 'string', format: 'binary'), new OA\Property(property: 'inkId', type: 'integer')]))),
        responses: [new OA\Response(response: 201, description: 'The job with its drawn plate', content: new OA\JsonContent(ref: JobView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function add(Job $job, Request $request): JsonResponse
    {
        $scan = $request->files->get('scan');
        if (!$scan instanceof UploadedFile || !$scan->isValid()) {
            throw Refusal::at('scan', 'No scan came, or it did not arrive whole. Scan the drawn plate with its marks and bring the picture.');
        }
        $ink = $this->entities->find(Ink::class, $request->request->getInt('inkId')) ?? throw Refusal::at('inkId', 'The plate needs an ink: choose one from the shelf.');
        if (\count($job->positives) >= self::MOST) {
            throw Refusal::at('scan', \sprintf('The job has %d drawn plates already, as many as a press has heads.', self::MOST));
        }
        $seen = $this->scans->look($scan->getPathname(), SeparateJob::markSheet($job));
        $path = \sprintf('art/%s.scan', bin2hex(random_bytes(8)));
        $this->files->put($path, (string) file_get_contents($scan->getPathname()));
        $this->changes->remember($job, 'Drawn plate in '.$ink->name);
        $job->positives = [...$job->positives, ['path' => $path, 'name' => $ink->name, 'hex' => $ink->hex, 'inkId' => $ink->id, 'marks' => $seen['marks'], 'weak' => $seen['weak']]];
        $this->entities->flush();

        return Answer::json($this->reckoner->view($job), 201);
    }

    #[Route('/api/jobs/{id<\d+>}/positives/{n<\d+>}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/jobs/{id}/positives/{n}', operationId: 'takeOffPositive', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'n', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The job without it', content: new OA\JsonContent(ref: JobView::class))])]
    public function takeOff(Job $job, int $n): JsonResponse
    {
        $gone = $job->positives[$n] ?? throw new NotFoundHttpException();
        $this->changes->remember($job, 'Drawn plate in '.$gone['name']);
        $left = $job->positives;
        unset($left[$n]);
        $job->positives = array_values($left);
        $this->entities->flush();

        return Answer::json($this->reckoner->view($job));
    }
}
