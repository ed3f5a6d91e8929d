<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Answer;
use Ektype\App\Api\Shelves\StepTestView;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final readonly class StepTestsController
{
    private const LONGEST_S = 7200.0;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/step-tests', methods: ['POST'])]
    #[OA\Post(
        path: '/api/step-tests',
        operationId: 'recordStepTest',
        description: 'Records what was read from a step test; every time of light is reckoned anew from it',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object', required: ['lampId', 'emulsionId', 'thicknessUm'], properties: [
            new OA\Property(property: 'lampId', type: 'integer'),
            new OA\Property(property: 'emulsionId', type: 'integer'),
            new OA\Property(property: 'thicknessUm', type: 'number'),
            new OA\Property(property: 'dyed', type: 'boolean'),
            new OA\Property(property: 'lowS', type: 'number', description: 'longest strip that was still under'),
            new OA\Property(property: 'bestS', type: 'number'),
            new OA\Property(property: 'highS', type: 'number', description: 'shortest strip that was already over'),
            new OA\Property(property: 'remark', type: 'string'),
        ])),
        responses: [new OA\Response(response: 201, description: 'The test', content: new OA\JsonContent(ref: StepTestView::class)), new OA\Response(response: 422, description: 'Problem details')],
    )]
    public function record(Request $request): JsonResponse
    {
        $given = Given::fromJson($request->getContent());
        $lamp = $this->entities->find(Lamp::class, $given->whole('lampId', 1, \PHP_INT_MAX)) ?? throw Refusal::at('lampId', 'There is no such lamp in the shop. Choose one from the shelf.');
        $emulsion = $this->entities->find(Emulsion::class, $given->whole('emulsionId', 1, \PHP_INT_MAX)) ?? throw Refusal::at('emulsionId', 'There is no such emulsion in the shop. Choose one from the shelf.');
        $test = new StepTest(
            $lamp,
            $emulsion,
            (new \DateTimeImmutable())->format('Y-m-d'),
            $given->number('thicknessUm', 5, 2000, 'µm'),
            $given->flag('dyed'),
            $lamp->hours,
            $given->numberOr('lowS', null, 0.1, self::LONGEST_S, 's'),
            $given->numberOr('bestS', null, 0.1, self::LONGEST_S, 's'),
            $given->numberOr('highS', null, 0.1, self::LONGEST_S, 's'),
            '',
            $given->textOr('remark', '', 200),
        );
        // The core refuses a reading that contradicts itself before anything is stored.
        new TestReading(new Setting($lamp->name, null, $emulsion->name, null, $test->thicknessUm, $test->dyed, '', null, 0), $test->lowS, $test->bestS, $test->highS, 'reading');
        $this->entities->persist($test);
        $this->entities->flush();

        return Answer::json(StepTestView::of($test), 201);
    }

    #[Route('/api/step-tests/{id<\d+>}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/step-tests/{id}', operationId: 'forgetStepTest', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'The test that was taken away', content: new OA\JsonContent(ref: StepTestView::class))])]
    public function forget(StepTest $test): JsonResponse
    {
        $view = StepTestView::of($test);
        $this->entities->remove($test);
        $this->entities->flush();

        return Answer::json($view);
    }
}
