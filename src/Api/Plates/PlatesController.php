<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Pictures\PlatesAt;
use Ektype\App\Query\Pictures\SeePictures;
use Ektype\App\Query\Pictures\ShiftSeen;
use Ektype\App\Query\Plates\Costs;
use Ektype\App\Query\Plates\PlatesBench;
use Ektype\App\Query\Plates\SeeCosts;
use Ektype\App\Query\Plates\SeePlates;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plates;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\App\Work\First\FirstPull;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the plates: what each holds, buys and shows, and a plate’s own changes. */
final readonly class PlatesController
{
    public function __construct(
        private ShopDoor $door,
        private SeeJob $job,
        private SeePlates $bench,
        private SeeCosts $costs,
        private SeePictures $pictures,
        private Plates $plates,
    ) {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/plates', methods: ['GET'])]
    public function bench(int $id): PlatesBench
    {
        return $this->bench->of($id);
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/separate', methods: ['POST']), Status(202)]
    public function separate(int $id): JobHead
    {
        $this->door->do(new AskForWork($id, TaskKind::Separate));

        return $this->job->of($id);
    }

    #[Route('/api/plates/{id<[0-9]{1,9}>}', methods: ['PATCH'])]
    public function change(int $id, #[Body] PlatePatch $patch): JobHead
    {
        $job = $this->plates->get($id)->job->idOrFail();
        $this->door->do(...$patch->changes($id));

        return $this->job->of($job);
    }

    /** What each plate buys. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/costs', methods: ['GET'])]
    public function costs(int $id): Costs
    {
        return $this->costs->of($id);
    }

    /** The print with the best so many inks. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/costs/{inks<[0-9]{1,9}>}.png', methods: ['GET'])]
    public function withInks(int $id, int $inks): Response
    {
        return Served::picture($this->pictures->withInks($id, $inks));
    }

    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/pull/{stop<[0-9]{1,9}>}.png', methods: ['GET'])]
    public function pull(int $id, int $stop): Response
    {
        return Served::picture($this->pictures->pull($id, $stop));
    }

    /** The print and its plates at the size of the screen, drawn at once; the films’ own come after. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/first-pull', methods: ['GET'])]
    public function first(int $id): FirstPull
    {
        return $this->pictures->firstPull($id);
    }

    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/first-pull/{key<[0-9a-f]{16}>}.png', methods: ['GET'])]
    public function firstPicture(int $id, string $key): Response
    {
        return Served::picture($this->pictures->firstPicture($id, $key));
    }

    #[Heavy]
    #[Route('/api/plates/{id<[0-9]{1,9}>}/film.png', methods: ['GET'])]
    public function film(int $id, #[Asked] Tinted $tinted): Response
    {
        return Served::picture($this->pictures->film($id, $tinted->tint));
    }

    /** Where the dots of a plate are too small for its mesh, and where their holes close. */
    #[Heavy]
    #[Route('/api/plates/{id<[0-9]{1,9}>}/not-held.png', methods: ['GET'])]
    public function notHeld(int $id): Response
    {
        return Served::picture($this->pictures->dotsNotHeld($id));
    }

    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/loupe.png', methods: ['GET'])]
    public function loupe(int $id, #[Asked] LoupeAt $at): Response
    {
        return Served::picture($this->pictures->loupe($id, $at->point(), $at->mm, $at->off()));
    }

    /** How far the colours change by a plate that is off. */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/shift', methods: ['GET'])]
    public function shift(int $id, #[Asked] LoupeAt $at): ShiftSeen
    {
        return $this->pictures->shift($id, $at->off() ?? throw new NotHere());
    }

    /** The plates that print at a point, topmost first: what a finger on the picture picks. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/at', methods: ['GET'])]
    public function at(int $id, #[Asked] Spot $spot): PlatesAt
    {
        return $this->pictures->platesAt($id, $spot->point());
    }
}
