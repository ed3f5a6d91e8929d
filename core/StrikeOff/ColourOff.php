<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Press\Pressure;
use Ektype\Core\Print\PlatePrint;

/**
 * A plate whose colour is off on the strike-off, and what can be done about it, that which makes the least again first. Inks are
 * corrected by weight. Extender thins the pigment in proportion to its weight (heuristic: of like density); what a coat of other
 * thickness hides goes by the law of deposits.
 */
final readonly class ColourOff
{
    /** Extender to begin with, and the most that an ink bears, by weight (heuristic). */
    private const EXTENDER = 0.1;
    private const MOST_EXTENDER = 0.25;
    /** Meshes that lay so much less or more are worth a screen (heuristic). */
    private const WORTH = [0.12, 0.45];
    /** Hiding below which more ink hardly covers, 0–1 (heuristic). */
    private const CLEAR = 0.35;

    /**
     * @param float      $hiding        of its ink in one stroke through the usual mesh, 0–1
     * @param float      $grams         of its ink for this run
     * @param bool       $tones         whether it prints dots
     * @param list<Mesh> $meshes        that the shop has
     * @param bool       $solvedInOrder whether its dots were solved for the order that it prints in
     */
    public function __construct(
        private PlatePrint $print,
        private Mesh $mesh,
        private float $hiding,
        private float $grams,
        private bool $tones,
        private array $meshes,
        private bool $solvedInOrder = false,
    ) {
    }

    /** @return list<Correction> */
    public function corrections(ColourSign $sign): array
    {
        $one = match ($sign) {
            ColourSign::Strong => [$this->fewerStrokes(), $this->extender(), $this->otherMesh(finer: true), $this->curve('lower')],
            ColourSign::Thin => [$this->moreStrokes(), $this->lessExtender(), $this->otherMesh(finer: false), $this->curve('raise')],
            ColourSign::Tints => [$this->earlier(), $this->extender(), $this->curve('lower')],
            ColourSign::Fills => [$this->lighterHand(), $this->fewerStrokes(), $this->otherMesh(finer: true), $this->curve('lower')],
            ColourSign::Loses => [$this->openDots(), $this->stencil(), $this->otherMesh(finer: true, forDots: true), $this->curve('raise')],
        };
        $found = array_values(array_filter($one, static fn (?Correction $c): bool => $c !== null));
        $at = array_flip(array_map(static fn (MadeAgain $m): string => $m->value, MadeAgain::cases()));
        usort($found, static fn (Correction $a, Correction $b): int => $at[$a->again->value] <=> $at[$b->again->value]);

        return $found;
    }

    private function extender(): Correction
    {
        $extender = round(self::EXTENDER * $this->grams);
        $words = \sprintf('%.0f g of extender to %.0f g of ink', $extender, round($this->grams) - $extender);

        return new Correction(
            \sprintf('Thin it with %.0f %% of extender by weight', 100 * self::EXTENDER),
            \sprintf('%s for this run: %s Go on to %.0f %% at the most, each time with a print.', $words, $this->hides($this->print->deposit->wetUm * (1 - self::EXTENDER)), 100 * self::MOST_EXTENDER),
            MadeAgain::Ink,
            \sprintf('%.0f %% extender by weight', 100 * self::EXTENDER),
        );
    }

    private function lessExtender(): ?Correction
    {
        return $this->hiding < self::CLEAR ? null : new Correction('Fresh ink without extender, stirred warm', 'What settled or was thinned covers less than its pot says.', MadeAgain::Ink, 'without extender');
    }

    private function fewerStrokes(): ?Correction
    {
        return $this->print->laying === Laying::Once ? null : $this->laid(Laying::Once);
    }

    private function moreStrokes(): ?Correction
    {
        return match (true) {
            $this->hiding < self::CLEAR => null,
            $this->print->laying === Laying::PrintFlashPrint => null,
            default => $this->laid(Laying::PrintFlashPrint),
        };
    }

    private function laid(Laying $laying): Correction
    {
        $wet = $this->print->deposit->wetUm * $laying->passes() / $this->print->laying->passes();

        return new Correction(
            \sprintf('%s in place of %s', ucfirst($laying->value), $this->print->laying->value),
            \sprintf('%.0f µm wet in place of %.0f: %s', $wet, $this->print->deposit->wetUm, $this->hides($wet)),
            MadeAgain::Nothing,
        );
    }

    private function lighterHand(): Correction
    {
        return new Correction(
            $this->print->stroke->pressure === Pressure::Firm ? 'A lighter hand, and a harder squeegee set upright' : 'A harder squeegee, set upright; wipe the back of the screen',
            'Pressure and ink on the back spread dots; nothing else of the print changes.',
            MadeAgain::Nothing,
        );
    }

    private function openDots(): Correction
    {
        return new Correction('Flood it, pull one wet stroke on waste, look again', 'Ink that dried or dust in the finest openings comes out with the next print.', MadeAgain::Nothing);
    }

    private function stencil(): Correction
    {
        return new Correction('Look at its stencil through a loupe', 'Dots that are closed there never print: burn it shorter, or wash it out longer.', MadeAgain::Screen);
    }

    private function earlier(): Correction
    {
        return new Correction(
            'Flash what lies below, or print it earlier',
            'What is gelled takes no colour on; what prints later lies on top of it.',
            $this->solvedInOrder ? MadeAgain::Plates : MadeAgain::Register,
        );
    }

    private function curve(string $way): ?Correction
    {
        return $this->tones ? new Correction(\sprintf('%s its curve, by a tone chart that was read on this press', ucfirst($way)), 'Its dots are made for the gain that they meet.', MadeAgain::Film) : null;
    }

    /** The nearest mesh of the shop that lays worthwhile less, or more. */
    private function otherMesh(bool $finer, bool $forDots = false): ?Correction
    {
        $best = null;
        foreach ($this->meshes as $mesh) {
            $by = ($finer ? -1 : 1) * ($mesh->volumeCm3M2 / $this->mesh->volumeCm3M2 - 1);
            if ($by < self::WORTH[0] || $by > self::WORTH[1] || ($finer ? $mesh->threadsPerCm <= $this->mesh->threadsPerCm : $mesh->threadsPerCm >= $this->mesh->threadsPerCm)) {
                continue;
            }
            $best = $best === null || abs($mesh->volumeCm3M2 - $this->mesh->volumeCm3M2) < abs($best->volumeCm3M2 - $this->mesh->volumeCm3M2) ? $mesh : $best;
        }
        if ($best === null) {
            return null;
        }
        $wet = $this->print->deposit->wetUm * $best->volumeCm3M2 / $this->mesh->volumeCm3M2;

        return new Correction(
            \sprintf('A screen on %s in place of %s', $best->name, $this->mesh->name),
            $forDots ? 'A finer mesh holds smaller dots.' : \sprintf('%.0f µm wet in place of %.0f: %s', $wet, $this->print->deposit->wetUm, $this->hides($wet)),
            MadeAgain::Screen,
        );
    }

    /** What a coat so thick hides, against now. */
    private function hides(float $wetUm): string
    {
        $of = fn (float $um): float => 100 * (1 - (1 - min(0.9999, $this->hiding)) ** ($um / Deposit::TOLD_FOR_UM));

        return \sprintf('it hides %.0f %% in place of %.0f.', $of($wetUm), $of($this->print->deposit->wetUm));
    }
}
