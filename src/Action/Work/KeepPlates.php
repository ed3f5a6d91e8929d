<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

use Ektype\App\Action\Change;
use Ektype\App\Action\Jobs\GivenBack;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Ink\FittingInk;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Plate\PlateName;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\DotsOfPlate;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\SeparatedPlate;

/** Stores what a separation has made. What was decided about the job meanwhile stays. */
final readonly class KeepPlates implements Change
{
    private const LISTED = 200;

    /**
     * @param string               $key        what it was made from
     * @param string               $folder     of the plates among the shop’s files
     * @param list<SeparatedPlate> $plates     in print order
     * @param Plan                 $plan       by which they were made, with all that was chosen on the way
     * @param string|null          $chosenFrom the key of the plan before; null where nothing was chosen on the way
     */
    public function __construct(
        private int $jobId,
        private string $key,
        private string $folder,
        private array $plates,
        private Findings $findings,
        private Plan $plan,
        private ?string $chosenFrom = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        if ($job->method() === null) {
            $job->follow($this->plan);
        } elseif ($this->chosenFrom !== null && $job->separationKey() === $this->chosenFrom) {
            // Nothing else was decided meanwhile: what was chosen is the plan.
            $job->decide($this->plan);
        }
        $job->separationKey = $this->key;
        $job->separationPath = $this->folder;
        $job->found($this->findings);
        if (!$job->toleranceSet) {
            $job->toleranceMm = $this->findings->toleranceMm();
        }
        $this->plates($job, $shop);

        return 'Separation of '.$job->name;
    }

    private function plates(Job $job, ShopFloor $shop): void
    {
        // A plate that comes back with its colour keeps what was decided and measured for it; of two of one colour each its own.
        $before = [];
        foreach ($job->platesInOrder() as $plate) {
            $before[($plate->artHex ?? 'base').$plate->role->value][] = $plate;
        }
        $shelf = $shop->printing->inks->all();
        $named = $called = [];
        foreach ($this->plates as $i => $made) {
            $key = ($made->artColour?->hex() ?? 'base').$made->role->value;
            $plate = isset($before[$key]) ? array_shift($before[$key]) : null;
            $plate ??= new Plate($job, $i, $i, $made->name, $made->role, $made->colour->hex());
            self::describe($plate, $i, $made);
            $plate->ink = $made->ink->mixed ? null : FittingInk::called($made->ink->name, $shelf) ?? $plate->ink ?? FittingInk::nearest($made->colour, $shelf);
            $plate->name = PlateName::of($plate->name, $made->colour, $made->role, $plate->ink?->name, $named);
            $named[] = $plate->name;
            $called[$made->name] = $plate->name;
            if (!$job->plates->contains($plate)) {
                $job->plates->add($plate);
            }
            $shop->plates->add($plate);
        }
        $job->found($this->findings->renamed($called));
        foreach (array_merge(...array_values($before)) as $gone) {
            GivenBack::forGood($gone, $shop);
            $job->plates->removeElement($gone);
            $shop->plates->remove($gone);
        }
    }

    private static function describe(Plate $plate, int $place, SeparatedPlate $made): void
    {
        $plate->position = $place;
        $plate->drawing = $place;
        $plate->picture = substr(hash('sha256', $made->plane->width.' '.$made->plane->bytes), 0, 40);
        $plate->coveragePct = $made->coveragePct;
        $plate->areaCm2 = $made->area->cm2;
        // A plate that is locked to an ink is called by it; else it keeps the name that it has.
        $plate->name = $made->ink->name !== '' ? $made->name : $plate->name;
        $plate->hex = $made->colour->hex();
        $plate->artHex = $made->artColour?->hex();
        $plate->artAreaCm2 = $made->area->artCm2;
        $plate->overprints = $made->ink->overprints;
        self::dots($plate, $made->dots, $made->ink->laying);
        $plate->finestLineMm = $made->strokes->finestLineMm();
        $plate->finestGapMm = $made->strokes->finestGapMm();
        $plate->isThinAt(\array_slice($made->strokes->lines, 0, self::LISTED), \array_slice($made->strokes->gaps, 0, self::LISTED));
    }

    /** A plate that prints another colour as dots has their ruling and angle; one that does so no more has none of them left. */
    private static function tinted(Plate $plate): void
    {
        $plan = $plate->job->spotPlan();
        $dots = $plan->tintDots();
        if ($plan->colours->tintsOf($plate->artHex) !== []) {
            [$plate->lpi, $plate->angleDeg] = [$dots->lpi, $dots->angleDeg];
        } elseif ([$plate->lpi, $plate->angleDeg] === [$dots->lpi, $dots->angleDeg]) {
            [$plate->lpi, $plate->angleDeg] = [null, null];
        }
    }

    /** The dots of a picture in tones are those of its plan; a solid plate keeps what was set for it on its screen. */
    private static function dots(Plate $plate, ?DotsOfPlate $dots, Laying $laying): void
    {
        if ($dots === null) {
            if ($plate->dot !== null) {
                [$plate->dot, $plate->lpi, $plate->angleDeg] = [null, null, null];
                $plate->giveTones(null);
            }
            self::tinted($plate);
            $plate->laying = $laying;

            return;
        }
        [$plate->dot, $plate->lpi, $plate->angleDeg] = [$dots->dot, round($dots->halftone->lpi, 2), round($dots->halftone->angleDeg, 2)];
        $plate->giveTones($dots->range);
        $plate->laying = $laying;
    }
}
