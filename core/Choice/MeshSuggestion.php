<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Plate\PlateRole;

/**
 * Ranks meshes for a plate: the usual range for its role, ink and substrate, then what geometry demands of its finest line
 * and gap, its ruling and its tones, then the ink that was asked for. Costs are doublings of the mesh count off the middle
 * of the usual range. A plate gives its ink first: what no mesh holds that still gives enough is lost, said so, and drives
 * nothing finer.
 */
final class MeshSuggestion
{
    /** What geometry forbids costs this, and as much again for each doubling that it is missed by (heuristic). */
    private const DOES_NOT_HOLD = 4.0;
    /** Ends of the tones that must be remapped, and a whole of the tones lost (heuristic). */
    private const REMAPPED = 2.0;
    private const TONES_LOST = 10.0;
    /** A deposit up to this much off the one wanted is near enough, 0–1; each doubling beyond costs two (heuristic). */
    private const DEPOSIT_NEAR = 0.1;
    private const DEPOSIT_OFF = 2.0;
    /** What is usual counts so much where somebody asked for a deposit (heuristic). */
    private const USUAL_BESIDE_A_WISH = 0.1;
    /** Beyond this too little ink passes for hand work, threads per inch (heuristic). */
    private const FINEST_BY_HAND = 355.0;
    private const TOO_FINE = 6.0;
    /** Each % of a pattern beyond what nobody sees (heuristic). */
    private const PATTERN = 0.1;
    /** What no mesh holds that gives its ink, by each doubling that more of it is lost (heuristic). */
    private const LOST_ANYWAY = 1.0;

    /**
     * @param list<Mesh>|null $meshes to choose from; null takes the typical ones
     *
     * @return list<RankedMesh> best first
     */
    public static function rank(MeshQuestion $question, ?array $meshes = null): array
    {
        $usual = UsualRange::of($question);
        $ranked = array_map(
            static fn (Mesh $mesh): RankedMesh => self::judge($mesh, $question, $usual),
            $meshes ?? MeshCatalogue::typical(),
        );
        usort(
            $ranked,
            static fn (RankedMesh $a, RankedMesh $b): int => [$a->cost, $a->mesh->threadsPerCm] <=> [$b->cost, $b->mesh->threadsPerCm],
        );

        return $ranked;
    }

    /**
     * What is true of all of them, to be said before any is looked at.
     *
     * @param list<RankedMesh> $ranked
     */
    public static function says(MeshQuestion $q, array $ranked): string
    {
        $finest = $ranked === [] ? 0.0 : max(array_map(static fn (RankedMesh $r): float => $r->mesh->threadsPerInch(), $ranked)) / $q->divisor;

        return $q->lpi === null || $q->lpi <= $finest ? '' : \sprintf('No mesh of these holds %g lines per inch: the finest carries %.0f (threads per inch by %g). Take a coarser ruling, or stretch a finer mesh.', $q->lpi, floor($finest), $q->divisor);
    }

    public static function judge(Mesh $mesh, MeshQuestion $q, ?UsualRange $usual = null): RankedMesh
    {
        $usual ??= UsualRange::of($q);
        $perInch = $mesh->threadsPerInch();
        $judged = [
            // Ink that was asked for outweighs what is usual.
            new Judgement(($q->depositUm === null ? 1.0 : self::USUAL_BESIDE_A_WISH) * $usual->cost($perInch), true, $usual->says($perInch), $usual->inPrint($perInch)),
            self::line($mesh, $q, $usual),
            self::gap($mesh, $q, $usual),
            self::ruling($mesh, $q),
            self::tones($mesh, $q),
            self::pattern($mesh, $q),
            self::deposit($mesh, $q),
            $perInch > max(self::FINEST_BY_HAND, $usual->to) ? new Judgement(
                self::TOO_FINE,
                true,
                'so fine that too little ink passes for hand work',
                'too little ink for hand work',
            ) : null,
            new Judgement(0.0, true, \sprintf('passes %.0f cm³/m²', $mesh->volumeCm3M2)),
        ];
        $cost = 0.0;
        $holds = true;
        $reasons = [];
        $inPrint = [];
        foreach (array_filter($judged) as $one) {
            $cost += $one->cost;
            $holds = $holds && $one->holds;
            $reasons[] = $one->reason;
            $inPrint[] = $one->inPrint;
        }

        return new RankedMesh(
            $mesh,
            round($cost, 4),
            $holds,
            ucfirst(implode('; ', $reasons)).'.',
            array_values(array_filter($inPrint, static fn (string $s): bool => $s !== '')),
        );
    }

    private static function line(Mesh $mesh, MeshQuestion $q, UsualRange $usual): ?Judgement
    {
        $pitch = $mesh->finestLineMm;
        if ($q->finestLineMm === null) {
            return null;
        }
        if ($q->finestLineMm >= $pitch) {
            return new Judgement(0.0, true, \sprintf('holds the finest line of %.2f mm on a pitch of %.2f mm', $q->finestLineMm, $pitch));
        }
        $held = self::finestHeld($q, $usual, static fn (Mesh $m): float => $m->finestLineMm);

        return new Judgement(
            self::misses($pitch, $q->finestLineMm, $held),
            false,
            \sprintf('its pitch of %.2f mm cannot hold the finest line of %.2f mm', $pitch, $q->finestLineMm)
                .($q->finestLineMm < $held ? ', as no mesh can that gives its ink' : ''),
            \sprintf('lines thinner than %.2f mm break up or are lost (the art has %.2f mm)', $pitch, $q->finestLineMm),
        );
    }

    private static function gap(Mesh $mesh, MeshQuestion $q, UsualRange $usual): ?Judgement
    {
        if ($q->finestGapMm === null || $q->finestGapMm >= $mesh->finestGapMm) {
            return null;
        }
        $held = self::finestHeld($q, $usual, static fn (Mesh $m): float => $m->finestGapMm);

        return new Judgement(
            self::misses($mesh->finestGapMm, $q->finestGapMm, $held),
            false,
            \sprintf(
                'it keeps no wall of stencil thinner than %.2f mm (two threads and an opening), so the gap of %.2f mm fills in',
                $mesh->finestGapMm,
                $q->finestGapMm,
            ).($q->finestGapMm < $held ? ', as on every mesh that gives its ink' : ''),
            \sprintf('gaps narrower than %.2f mm fill in (the art has %.2f mm)', $mesh->finestGapMm, $q->finestGapMm),
        );
    }

    /**
     * The finest that a mesh holds which still gives the ink of this plate, mm. White under colours and inks of coarse
     * grains are nothing without their ink; others go as fine as hand work goes.
     *
     * @param \Closure(Mesh): float $of
     */
    private static function finestHeld(MeshQuestion $q, UsualRange $usual, \Closure $of): float
    {
        $to = self::givesInkFirst($q) ? $usual->to : max(self::FINEST_BY_HAND, $usual->to);
        $least = \INF;
        foreach (MeshCatalogue::typical() as $mesh) {
            if ($mesh->threadsPerInch() <= $to + 1) {
                $least = min($least, $of($mesh));
            }
        }

        return $least;
    }

    private static function givesInkFirst(MeshQuestion $q): bool
    {
        return $q->role === PlateRole::Base || $q->ink->isCoarse();
    }

    /** What a line or gap costs that a mesh does not hold; what none holds counts by how much more of it is lost. */
    private static function misses(float $holdsMm, float $askedMm, float $heldMm): float
    {
        return $askedMm >= $heldMm
            ? self::missedBy($holdsMm / $askedMm)
            : self::LOST_ANYWAY * max(0.0, log($holdsMm / $heldMm, 2));
    }

    private static function ruling(Mesh $mesh, MeshQuestion $q): ?Judgement
    {
        if ($q->lpi === null) {
            return null;
        }
        $ceiling = $mesh->threadsPerInch() / $q->divisor;
        if ($q->lpi <= $ceiling) {
            return new Judgement(0.0, true, \sprintf('%.0f lpi is under its ceiling of %.0f', $q->lpi, $ceiling));
        }

        return new Judgement(
            self::givesInkFirst($q) ? self::LOST_ANYWAY * log($q->lpi / $ceiling, 2) : self::missedBy($q->lpi / $ceiling),
            false,
            \sprintf('%.0f lpi is over its ceiling of %.0f (threads per inch by %g)', $q->lpi, $ceiling, $q->divisor),
            \sprintf('dots of %.0f lpi are too fine for it; %.0f lpi it carries', $q->lpi, floor($ceiling)),
        );
    }

    private static function tones(Mesh $mesh, MeshQuestion $q): ?Judgement
    {
        if ($q->lpi === null || $q->tones === null) {
            return null;
        }
        $range = ToneRange::on($mesh, $q->lpi);
        // Bare cloth and solid ink are no tones: the mesh holds them at any ruling.
        $lost = ($q->tones->lightest <= 0 ? 0.0 : max(0.0, $range->lightest - $q->tones->lightest))
            + ($q->tones->darkest >= 1 ? 0.0 : max(0.0, $q->tones->darkest - $range->darkest));
        [$from, $to] = [100 * $q->tones->lightest, 100 * $q->tones->darkest];

        if ($lost > 1e-9 && $q->role === PlateRole::Base) {
            return new Judgement(0.0, true, \sprintf(
                'under tones of %.0f to %.0f %% it loses the lightest under %.0f %%: rather those than its ink',
                $from,
                $to,
                100 * $range->lightest,
            ));
        }

        return $lost > 1e-9
            ? new Judgement(
                self::REMAPPED + self::TONES_LOST * $lost,
                true,
                \sprintf(
                    'at %.0f lpi it holds tones from %.0f to %.0f %%, the plate has %.0f to %.0f %%: the ends must be remapped',
                    $q->lpi,
                    100 * $range->lightest,
                    100 * $range->darkest,
                    $from,
                    $to,
                ),
                \sprintf('tones under %.0f and over %.0f %%, unless they are remapped', 100 * $range->lightest, 100 * $range->darkest),
            )
            : new Judgement(0.0, true, \sprintf('holds its tones from %.0f to %.0f %%', $from, $to));
    }

    /** The same verdict as its screen will be told. */
    private static function pattern(Mesh $mesh, MeshQuestion $q): ?Judgement
    {
        if ($q->lpi === null || $q->angleDeg === null) {
            return null;
        }
        /** @var array<string, float> $known */
        static $known = [];
        $score = $known[serialize([$mesh, $q->lpi, $q->angleDeg])] ??= (new Moire($mesh))->score($q->lpi, $q->angleDeg);

        return $score < Moire::SEEN ? null : new Judgement(
            self::PATTERN * ($score - Moire::SEEN),
            true,
            \sprintf('its dots make a pattern of %.1f %% with it', $score),
            $score < Moire::STRONG ? '' : \sprintf('a pattern of mesh and dots of %.1f %%, in every tone', $score),
        );
    }

    private static function deposit(Mesh $mesh, MeshQuestion $q): ?Judgement
    {
        if ($q->depositUm === null) {
            return null;
        }
        $leaves = (new Deposit($mesh, $q->ink, $q->laying(), 0.0))->wetUm;
        $off = abs(log($leaves / $q->depositUm, 2));

        return new Judgement(
            self::DEPOSIT_OFF * max(0.0, $off - log(1 + self::DEPOSIT_NEAR, 2)),
            true,
            \sprintf('leaves about %.0f µm of wet ink where %.0f are wanted', $leaves, $q->depositUm),
            $off > log(1 + self::DEPOSIT_NEAR, 2) ? \sprintf('%.0f µm of wet ink where %.0f are wanted', $leaves, $q->depositUm) : '',
        );
    }

    private static function missedBy(float $times): float
    {
        return self::DOES_NOT_HOLD * (1 + log($times, 2));
    }
}
