<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Api\Answer;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\PlateCosts;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class CostsController
{
    public function __construct(private Pull $pull)
    {
    }

    #[Route('/api/jobs/{id<\d+>}/costs', methods: ['GET'])]
    #[OA\Get(path: '/api/jobs/{id}/costs', operationId: 'getCosts', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 200, description: 'What each plate buys', content: new OA\JsonContent(ref: CostView::class))])]
    public function costs(Job $job): JsonResponse
    {
        $inks = PlateCosts::inks($job);
        $costs = PlateCosts::reckoner($job);
        $ranked = array_map(static fn (array $row): CostRowView => new CostRowView($row['inks'], array_map(
            static fn (int $i, ?int $into): BecomesView => new BecomesView($inks[$i]->name, $inks[$i]->artHex, $into === null ? null : $inks[$into]->name, $into === null ? null : $inks[$into]->artHex),
            array_keys($row['becomes']),
            $row['becomes'],
        ), $row['changed_pct'], $row['mean_delta_e'], $row['p95_delta_e']), $costs->ranked());
        $each = array_map(static fn (array $loss, $plate): PlateLossView => new PlateLossView($plate->idOrFail(), $loss['name'], $loss['dropped']['changed_pct'], $loss['dropped']['mean_delta_e'], $loss['merged']['into'] ?? null, $loss['merged']['changed_pct'] ?? null, $loss['merged']['mean_delta_e'] ?? null), $costs->each(), $inks);

        return Answer::json(new CostView($ranked, $each));
    }

    /** The print with the best so many inks. */
    #[Route('/api/jobs/{id<\d+>}/costs/{inks<\d+>}.png', methods: ['GET'])]
    public function picture(Job $job, int $inks): Response
    {
        foreach (PlateCosts::reckoner($job)->ranked() as $row) {
            if ($row['inks'] === $inks) {
                $plates = PlateCosts::inks($job);
                $becomes = [];
                foreach ($row['becomes'] as $i => $into) {
                    $becomes[$plates[$i]->idOrFail()] = $into === null ? null : $plates[$into];
                }

                return Answer::picture($this->pull->withFewer($job, $becomes));
            }
        }

        throw new NotFoundHttpException();
    }
}
