<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Action\Art\BringArt;
use Ektype\App\Action\Done;
use Ektype\App\Action\Jobs\CopyJob;
use Ektype\App\Action\Jobs\DeleteJob;
use Ektype\App\Action\Jobs\FinishJob;
use Ektype\App\Action\Jobs\PrintAgain;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\JsonAnswer;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Api\Asking\Brought;
use Ektype\App\Api\Asking\Form;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\JobsPage;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Job\SeeJobs;
use Ektype\App\Query\Job\StripFigures;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\App\Work\Picture\InkWithin;
use Ektype\App\Work\Picture\PdfDrawing;
use Ektype\Core\Art\ArtFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Jobs, and what every stage shows of one. */
final readonly class JobsController
{
    public function __construct(private ShopDoor $door, private SeeJob $job, private SeeJobs $jobs, private InkWithin $ink)
    {
    }

    /** As they hang in the shop, fifty at a time. */
    #[Route('/api/jobs', methods: ['GET'])]
    public function list(#[Asked] JobsAsked $asked): JobsPage
    {
        return $this->jobs->page($asked->find ?? '', $asked->page);
    }

    /** A new job from a picture; its separation starts at once. */
    #[Heavy]
    #[Route('/api/jobs', methods: ['POST']), Status(201)]
    public function create(#[Form('art')] NewJob $new, Request $request): JobHead
    {
        $art = Brought::file($request, 'art', 'No picture came with the job. Drop a PNG, JPEG, TIFF, WebP, GIF, BMP, SVG or PDF.');
        $done = PdfDrawing::opened($art->getPathname(), fn (string $path): Done => $this->door->do(
            new BringArt(
                $path,
                $art->getClientOriginalName(),
                $new->garment(),
                $new->widthMm,
                $new->name,
                $new->garmentName,
                substrate: $new->substrate,
                framing: $new->part === ArtPart::Ink ? $this->ink->of(ArtFile::at($path)) : null,
            ),
            new AskForWork(null, TaskKind::Separate),
        ));

        return $this->job->of($done->made(Job::class)->idOrFail());
    }

    /** The head of a job, the only thing that pages ask for again and again. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}', methods: ['GET'])]
    public function show(int $id, Request $request): JobHead|Response
    {
        $tag = $this->job->tag($id);
        $same = (new Response())->setEtag($tag);
        if ($same->isNotModified($request)) {
            return $same;
        }
        $request->attributes->set(JsonAnswer::TAG, $tag);

        return $this->job->of($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}', methods: ['PATCH'])]
    public function change(int $id, #[Body] JobPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** The press, the lamp and the emulsion that it uses. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/tools', methods: ['PATCH'])]
    public function tools(int $id, #[Body] ToolsPatch $patch): JobHead
    {
        $this->door->do(...$patch->changes($id));

        return $this->job->of($id);
    }

    /** A new job that is made the same way, with its own plates still to come. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/copy', methods: ['POST']), Status(201)]
    public function copy(int $id): JobHead
    {
        return $this->job->of($this->door->do(new CopyJob($id), new AskForWork(null, TaskKind::Separate))->made(Job::class)->idOrFail());
    }

    /** The same print once more, with the plates, films and screens that it has. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/again', methods: ['POST']), Status(201)]
    public function again(int $id): JobHead
    {
        return $this->job->of($this->door->do(new PrintAgain($id))->made(Job::class)->idOrFail());
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/finish', methods: ['POST'])]
    public function finish(int $id): JobHead
    {
        $this->door->do(new FinishJob($id, true));

        return $this->job->of($id);
    }

    /** It is worked on again. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/reopen', methods: ['POST'])]
    public function reopen(int $id): JobHead
    {
        $this->door->do(new FinishJob($id, false));

        return $this->job->of($id);
    }

    /** Gives the jobs that are left. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function delete(int $id): JobsPage
    {
        $this->door->do(new DeleteJob($id));

        return $this->jobs->page();
    }

    /** The figures of a plate’s strip, explained. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/why', methods: ['GET'])]
    public function why(int $id): StripFigures
    {
        return $this->job->why($id);
    }
}
