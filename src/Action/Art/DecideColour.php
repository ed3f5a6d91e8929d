<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Separation\SpotPlan;

/** What becomes of a colour of the art. */
final readonly class DecideColour implements Change
{
    /**
     * @param string      $hex  of the colour
     * @param string|null $into for a merge: the colour that it prints as
     * @param int         $ink  for a lock: the ink of the shelf; 0 unlocks
     * @param bool        $on   for a yes or no
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
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        if ($this->decision === Decision::Lock && $this->ink > 0 && $shop->inks->find($this->ink) === null) {
            throw Refused::at('lock.ink', 'That ink is not on the shelf any more. Choose another.');
        }
        $job->decide($this->decided($job->spotPlan()));

        return match ($this->decision) {
            Decision::Merge => \sprintf('Merging %s into %s', $this->hex, $this->into),
            Decision::LeaveOpen => \sprintf('Giving %s to the garment', $this->hex),
            Decision::PrintAgain => \sprintf('Printing %s again', $this->hex),
            Decision::Split => \sprintf('Parting %s', $this->hex),
            Decision::Lock => \sprintf('Ink of %s', $this->hex),
            Decision::Highlight => \sprintf('Highlight of %s', $this->hex),
            Decision::OnBase => \sprintf('Base of %s', $this->hex),
            Decision::Overprint => \sprintf('Overprint of %s', $this->hex),
            Decision::Thicken => \sprintf('Thin lines of %s', $this->hex),
            Decision::ServeAsBase => 'Base',
        };
    }

    private function decided(SpotPlan $plan): SpotPlan
    {
        return match ($this->decision) {
            Decision::Merge => $plan->merged($this->hex, $this->into ?? ''),
            Decision::LeaveOpen => $plan->leftOpen($this->hex),
            Decision::PrintAgain => $plan->printedAgain($this->hex),
            Decision::Split => $plan->parted($this->hex),
            Decision::Lock => $plan->locked($this->hex, $this->ink === 0 ? null : $this->ink),
            Decision::Highlight => $plan->highlighted($this->hex, $this->on),
            Decision::OnBase => $plan->onBase($this->hex, $this->on),
            Decision::Overprint => $plan->overprinting($this->hex, $this->on),
            Decision::Thicken => $plan->thickened($this->hex, $this->mm),
            Decision::ServeAsBase => $plan->withBaseFrom($this->hex === '' ? null : $this->hex),
        };
    }
}
