<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Ektype\App\Action\Screens\GiveFrames;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Query\Job\JobHead;
use Ektype\App\Query\Job\SeeJob;
use Ektype\App\Query\Screens\CompareMeshes;
use Ektype\App\Query\Screens\FrameSet;
use Ektype\App\Query\Screens\FramesForPlate;
use Ektype\App\Query\Screens\LookForMoire;
use Ektype\App\Query\Screens\OnMesh;
use Ektype\App\Query\Screens\Pattern;
use Ektype\App\Query\Screens\PatternMap;
use Ektype\App\Query\Screens\ScreensBench;
use Ektype\App\Query\Screens\SeeScreens;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the screens: meshes, frames and stencils. */
final readonly class ScreensController
{
    public function __construct(
        private ShopDoor $door,
        private SeeJob $job,
        private SeeScreens $bench,
        private CompareMeshes $meshes,
        private LookForMoire $moire,
    ) {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/screens', methods: ['GET'])]
    public function bench(int $id): ScreensBench
    {
        return $this->bench->of($id);
    }

    /** The best set of frames, before it is taken. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/frames', methods: ['GET'])]
    public function set(int $id): FrameSet
    {
        return $this->bench->set($id);
    }

    /** Takes the best set of frames for all plates. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/frames', methods: ['POST'])]
    public function take(int $id): JobHead
    {
        $this->door->do(new GiveFrames($id));

        return $this->job->of($id);
    }

    /** The frames of the rack that a plate can take, best first, and why the others are left out. */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/frames', methods: ['GET'])]
    public function frames(int $id): FramesForPlate
    {
        return $this->bench->frames($id);
    }

    /** @return list<OnMesh> what changes when the mesh of a plate changes, coarse to fine */
    #[Route('/api/plates/{id<[0-9]{1,9}>}/meshes', methods: ['GET'])]
    public function meshes(int $id): array
    {
        return $this->meshes->for($id);
    }

    #[Heavy]
    #[Route('/api/plates/{id<[0-9]{1,9}>}/moire', methods: ['GET'])]
    public function moire(int $id, #[Asked] Ruling $ruling): Pattern
    {
        return $this->moire->at($id, $ruling->lpi, $ruling->angle);
    }

    #[Heavy]
    #[Route('/api/plates/{id<[0-9]{1,9}>}/moire/map', methods: ['GET'])]
    public function map(int $id): PatternMap
    {
        return $this->moire->map($id);
    }

    #[Heavy]
    #[Route('/api/plates/{id<[0-9]{1,9}>}/moire.png', methods: ['GET'])]
    public function picture(int $id, #[Asked] Ruling $ruling): Response
    {
        return new Response(
            $this->moire->picture($id, $ruling->lpi, $ruling->angle),
            200,
            ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=3600'],
        );
    }
}
