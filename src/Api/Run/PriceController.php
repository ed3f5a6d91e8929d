<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\App\Action\Run\SetRates;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Plan\MergePatch;
use Ektype\App\Plan\Patch;
use Ektype\App\Query\Art\SeeMethods;
use Ektype\App\Query\Run\EstimateBench;
use Ektype\App\Query\Run\SeeEstimate;
use Ektype\App\Query\Run\WayPriced;
use Ektype\Core\Estimate\Rates;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Estimate, quote and price list. */
final readonly class PriceController
{
    public function __construct(private ShopDoor $door, private SeeEstimate $estimate, private SeeMethods $methods)
    {
    }

    #[Route('/api/jobs/{id<[0-9]{1,9}>}/estimate', methods: ['GET'])]
    public function estimate(int $id, #[Asked] EstimateAsked $of): EstimateBench
    {
        return $this->estimate->of($id, $of->pieces);
    }

    /**
     * Each way that fits the art, priced.
     *
     * @return list<WayPriced>
     */
    #[Heavy]
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/estimate/ways', methods: ['GET'])]
    public function ways(int $id, #[Asked] EstimateAsked $of): array
    {
        // What each would print takes seconds to look at, and holds up nobody.
        return $this->estimate->ways($id, $of->pieces, $this->methods->ways($id));
    }

    /** The page that a customer is sent. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/quote.pdf', methods: ['GET'])]
    public function quote(int $id, #[Asked] EstimateAsked $of): Response
    {
        return Served::file($this->estimate->quote($id, $of->pieces), 'application/pdf', 'quote.pdf');
    }

    /** What things cost in the shop; answered with the estimate of the job at hand. */
    #[Route('/api/jobs/{id<[0-9]{1,9}>}/rates', methods: ['PATCH'])]
    public function rates(int $id, #[MergePatch(Rates::class)] Patch $patch): EstimateBench
    {
        $this->door->do(new SetRates($patch));

        return $this->estimate->of($id, null);
    }
}
