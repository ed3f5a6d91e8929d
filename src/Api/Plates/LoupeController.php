<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Api\Answer;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Work\PlateCosts;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class LoupeController
{
    public function __construct(private Loupe $loupe, private string $shopData)
    {
    }

    #[Route('/api/jobs/{id<\d+>}/loupe.png', methods: ['GET'])]
    public function print(Job $job, Request $request): Response
    {
        $asked = self::asked($request);
        $misfit = $asked->has('plate') ? ['plate' => $asked->whole('plate', 1, \PHP_INT_MAX), 'x' => $asked->number('dx', -20, 20, 'mm'), 'y' => $asked->number('dy', -20, 20, 'mm'), 'turn' => $asked->number('turn', -10, 10, 'degrees')] : null;

        return Answer::picture($this->loupe->ofPrint($job, self::at($asked), $asked->number('mm', 1, 60, 'mm'), $misfit));
    }

    #[Route('/api/jobs/{id<\d+>}/table/loupe.png', methods: ['GET'])]
    public function films(Job $job, Request $request): Response
    {
        $asked = self::asked($request);

        return Answer::picture($this->loupe->ofFilms($job, self::at($asked), $asked->number('mm', 1, 60, 'mm'), $asked->has('alone') ? $asked->whole('alone', 0, 99) : null));
    }

    /** Which plate prints on top at a point of the art: what a finger on the picture picks. */
    #[Route('/api/jobs/{id<\d+>}/at', methods: ['GET'])]
    #[OA\Get(path: '/api/jobs/{id}/at', operationId: 'plateAt', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'x', required: true, schema: new OA\Schema(type: 'number')), new OA\QueryParameter(name: 'y', required: true, schema: new OA\Schema(type: 'number'))], responses: [new OA\Response(response: 200, description: 'The plates that print there, topmost first; mm from the print’s top left corner', content: new OA\JsonContent(properties: [new OA\Property(property: 'plates', type: 'array', items: new OA\Items(type: 'integer'))], required: ['plates']))])]
    public function plateAt(Job $job, Request $request): JsonResponse
    {
        [$x, $y] = self::at(self::asked($request));
        $perMm = $job->filmProfile()->dpi / 25.4;
        $here = [];
        foreach (array_reverse($job->platesInOrder()) as $plate) {
            $row = PlaneFile::window($this->shopData.'/files/'.$job->separationPath.'/'.$plate->drawing.'.plane', (int) ($y * $perMm), 1);
            $px = (int) ($x * $perMm);
            if ($row->height === 1 && $px >= 0 && $px < $row->width && $row->isSet($px, 0)) {
                $here[] = $plate;
            }
        }
        usort($here, static fn (Plate $a, Plate $b): int => PlateCosts::isWhiteBase($a) <=> PlateCosts::isWhiteBase($b));

        return Answer::json(['plates' => array_map(static fn (Plate $p): int => $p->idOrFail(), $here)]);
    }

    private static function asked(Request $request): Given
    {
        return Given::of(array_map(static fn (mixed $v): mixed => \is_string($v) && is_numeric($v) ? $v + 0 : $v, $request->query->all()));
    }

    /** @return array{float, float} */
    private static function at(Given $asked): array
    {
        return [$asked->number('x', -100, 3000, 'mm'), $asked->number('y', -100, 3000, 'mm')];
    }
}
