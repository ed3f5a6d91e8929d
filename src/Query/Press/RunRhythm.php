<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Flash\FlashCurve;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Print\PrintPlan;

/** How a run goes round: its flashes, its pace, and how warm the ink is on the way. */
final readonly class RunRhythm
{
    public float $gelledFromC;
    public float $gelledToC;
    public float $coolC;
    public float $scorchC;

    /**
     * @param list<FlashOnRun> $flashes
     * @param list<float>      $warmth        °C of the ink’s surface, one for each second of a piece’s way round
     * @param int              $flashReadings of this shop, on which its flash times rest; 0 where they are the trade’s
     */
    private function __construct(public array $flashes, public array $warmth, public Rhythm $pace, public int $flashReadings, public FlashUnit $unit)
    {
        [$this->gelledFromC, $this->gelledToC] = FlashCurve::GELLED_C;
        $this->coolC = FlashCurve::COOL_C;
        $this->scorchC = FlashCurve::SCORCH_C;
    }

    public static function of(PrintPlan $plan): self
    {
        $flashes = [];
        foreach ($plan->plates as $plate) {
            if ($plate->flash !== null) {
                $flashes[] = new FlashOnRun($plate->id, $plate->name, $plate->flash);
            }
        }

        return new self($flashes, $plan->warmth, $plan->rhythm, $plan->job->press->flash->readings, $plan->job->press->unit->over($plan->job->cloth->substrate));
    }
}
