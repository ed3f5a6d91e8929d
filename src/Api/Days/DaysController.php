<?php

declare(strict_types=1);

namespace Ektype\App\Api\Days;

use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Answering\Served;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Days\DaysBench;
use Ektype\App\Query\Days\SeeDays;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Jobs over days and presses. */
final readonly class DaysController
{
    public function __construct(private SeeDays $days)
    {
    }

    #[Heavy]
    #[Route('/api/days', methods: ['GET'])]
    public function plan(#[Asked] DaysAsked $if): DaysBench
    {
        return $this->days->plan([], $if->late, $if->by);
    }

    /** What follows when they go in this order; nothing is kept. */
    #[Heavy]
    #[Route('/api/days', methods: ['POST'])]
    public function byHand(#[Body] DaysByHand $by): DaysBench
    {
        return $this->days->plan($by->order);
    }

    /** For a calendar. */
    #[Heavy]
    #[Route('/api/days.ics', methods: ['GET'])]
    public function calendar(): Response
    {
        return Served::file($this->days->calendar(), 'text/calendar', 'days.ics');
    }
}
