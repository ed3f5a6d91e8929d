<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Query\Light\LightBench;
use Ektype\App\Query\Light\SeeLight;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the light of a job. */
final readonly class LightController
{
    public function __construct(private SeeLight $bench)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/light', methods: ['GET'])]
    public function bench(int $id): LightBench
    {
        return $this->bench->of($id);
    }
}
