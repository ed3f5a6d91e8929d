<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Method\Spot\TintCandidate;
use Ektype\Core\Method\Spot\TintOffers;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Tone\CalmDots;

/** What becomes of a colour of the art. */
final readonly class DecideColour implements Change
{
    /**
     * @param string      $hex  of the colour
     * @param string|null $into for a merge: the colour that it prints as
     * @param int         $ink  for a lock: the ink of the shelf; 0 unlocks
     * @param bool        $on   for a yes or no
     * @param string|null $with for a tint: a second colour whose ink prints dots between
     * @param float       $mm   for thin lines: what they are brought to; 0 leaves them
     */
    public function __construct(
        private int $jobId,
        private Decision $decision,
        private string $hex,
        private ?string $into = null,
        private int $ink = 0,
        private bool $on = true,
        private float $mm = 0.0,
        private ?string $with = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        if ($this->decision === Decision::Lock && $this->ink > 0 && $shop->printing->inks->find($this->ink) === null) {
            throw Refused::at('lock.ink', 'That ink is not on the shelf any more. Choose another.');
        }
        $job->decide($this->decision === Decision::Tint ? $this->tinted($job, $shop) : $this->decided($job->spotPlan()));

        return match ($this->decision) {
            Decision::Merge => \sprintf('Merging %s into %s', $this->hex, $this->into),
            Decision::LeaveOpen => \sprintf('Giving %s to the garment', $this->hex),
            Decision::PrintAgain => \sprintf('Printing %s again', $this->hex),
            Decision::Split => \sprintf('Parting %s', $this->hex),
            Decision::Lock => \sprintf('Ink of %s', $this->hex),
            Decision::Highlight => \sprintf('Highlight of %s', $this->hex),
            Decision::OnBase => \sprintf('Base of %s', $this->hex),
            Decision::Overprint => \sprintf('Overprint of %s', $this->hex),
            Decision::Tint => \sprintf('Dots of %s for %s', $this->into, $this->hex),
            Decision::Thicken => \sprintf('Thin lines of %s', $this->hex),
            Decision::ServeAsBase => 'Base',
        };
    }

    /** The first tint of a job takes the calmest dots for the rack’s mesh. */
    private function tinted(Job $job, ShopFloor $shop): SpotPlan
    {
        $plan = $job->spotPlan();

        if ($plan->colours->tints === [] && $plan->tintDots === null) {
            $plan = $plan->withTintDots(CalmDots::on(BegunPlan::meshes($shop->screens->frames->all()))->halftone);
        }

        return $plan->decided($plan->colours->tinted($this->tint($job)));
    }

    private function decided(SpotPlan $plan): SpotPlan
    {
        return match ($this->decision) {
            Decision::Merge => $plan->decided($plan->colours->merged($this->hex, $this->into ?? '')),
            Decision::LeaveOpen => $plan->decided($plan->colours->leftOpen($this->hex)),
            Decision::PrintAgain => $plan->decided($plan->colours->printedAgain($this->hex)),
            Decision::Split => $plan->decided($plan->colours->parted($this->hex)),
            Decision::Lock => $plan->locked($this->hex, $this->ink === 0 ? null : $this->ink),
            Decision::Highlight => $plan->decided($plan->colours->highlighted($this->hex, $this->on)),
            Decision::OnBase => $plan->decided($plan->colours->onBase($this->hex, $this->on)),
            Decision::Overprint => $plan->decided($plan->colours->overprinting($this->hex, $this->on)),
            Decision::Thicken => $plan->decided($plan->colours->thickened($this->hex, $this->mm)),
            Decision::ServeAsBase => $plan->withBaseFrom($this->hex === '' ? null : $this->hex),
            Decision::Tint => throw new \LogicException('A tint is reckoned from the plates.'),
        };
    }

    /** @throws Refused where one of the two has no plate, or no tone of the ink comes near */
    private function tint(Job $job): Tint
    {
        $flat = [];
        $based = false;
        foreach ($job->platesInOrder() as $plate) {
            $based = $based || $plate->isWhiteBase();
            if ($plate->artHex !== null) {
                $flat[$plate->artHex] = new TintCandidate($plate->artHex, $plate->printedIn());
            }
        }
        [$one, $other] = [$flat[$this->hex] ?? null, $flat[$this->into ?? ''] ?? null];
        $second = $this->with === null ? null : $flat[$this->with] ?? null;
        if ($one === null || $other === null || $one === $other || ($this->with !== null && ($second === null || $second === $one || $second === $other))) {
            throw Refused::at('tint', 'A tint is one colour of the art printed in dots of another’s ink; one of these two has no plate. Separate the art first, or choose two that print.');
        }
        foreach ($job->spotPlan()->colours->tints as $tint) {
            if (\in_array($this->hex, $tint->inks(), true) || $tint->hex === $this->into || $tint->hex === $this->with) {
                throw Refused::at('tint', 'One of the two is a tint already, or carries one: dots of dots would print neither. Print that colour again first.');
            }
        }
        $garment = Srgb::fromHex($job->garmentHex);
        $tint = $second === null ? TintOffers::tint($one, $other, $garment, $based) : TintOffers::tintOfTwo($one, $other, $second, $garment, $based);
        if ($tint->deltaE > TintOffers::NEAR) {
            throw Refused::at('tint', \sprintf('No tone of that ink comes near this colour: the best has a colour error of ΔE00 %.0f, and more than %.0f is seen. It keeps its plate.', $tint->deltaE, TintOffers::NEAR));
        }

        return $tint;
    }
}
