<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Action\Light\ForgetStepTest;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Light\LightBench;
use Ektype\App\Query\Light\SeeLight;
use Ektype\App\Query\Shelves\StepTestOnShelf;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\App\Shop\StepTest\StepTests;
use Symfony\Component\Routing\Attribute\Route;

/** The stage of the light: its times and the step tests that they rest on. */
final readonly class LightController
{
    public function __construct(private ShopDoor $door, private SeeLight $bench, private StepTests $tests)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/light', methods: ['GET'])]
    public function bench(int $id): LightBench
    {
        return $this->bench->of($id);
    }

    /** Records what was read from a step test; every time of light is reckoned anew from it. */
    #[Route('/api/step-tests', methods: ['POST']), Status(201)]
    public function record(#[Body] NewStepTest $new): StepTestOnShelf
    {
        return StepTestOnShelf::of($this->door->do($new->change())->made(StepTest::class));
    }

    /** The test that was taken away. */
    #[Route('/api/step-tests/{id<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function forget(int $id): StepTestOnShelf
    {
        $gone = StepTestOnShelf::of($this->tests->get($id));
        $this->door->do(new ForgetStepTest($id));

        return $gone;
    }
}
