<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Separation\PlateRole;

/**
 * Ranks meshes for a plate: the usual range for its role, ink and substrate (trade picks, threads per inch), then
 * what geometry demands of its finest line and its ruling.
 */
final class MeshSuggestion
{
    public const SUBSTRATES = ['cotton', 'polyester', 'tri-blend', 'nylon', 'fleece', 'canvas', 'paper', 'rigid'];
    public const INKS = ['plastisol', 'water-based', 'solvent', 'glitter', 'puff', 'metallic'];
    /** School: lines per inch times this is the coarsest mesh per inch. */
    public const RULING_DIVISOR = 5.0;
    /** The schools: finer and riskier, the default, cautious, very cautious. */
    public const DIVISORS = [4.0, 5.0, 5.5, 6.0];
    /** A deposit up to this much off the one wanted is near enough, 0–1 (heuristic). */
    private const DEPOSIT_NEAR = 0.25;
    /** Beyond this too little ink passes for hand work, threads per inch (heuristic). */
    private const FINEST_BY_HAND = 355.0;
    /** Lines up to this width count as detail, mm (heuristic). */
    private const DETAIL_MM = 0.5;

    /**
     * @param list<Mesh>|null $meshes to choose from; null takes the typical ones
     *
     * @return list<RankedMesh> best first
     */
    public static function rank(MeshQuestion $question, ?array $meshes = null): array
    {
        [$from, $to, $usual] = self::usualRange($question);
        $ranked = [];
        foreach ($meshes ?? MeshCatalogue::typical() as $mesh) {
            $ranked[] = self::judge($mesh, $question, $from, $to, $usual);
        }
        usort($ranked, static fn (RankedMesh $a, RankedMesh $b): int => [$a->cost, $a->mesh->threadsPerCm] <=> [$b->cost, $b->mesh->threadsPerCm]);

        return $ranked;
    }

    /** @return array{float, float, string} threads per inch from and to, and what the range is usual for */
    public static function usualRange(MeshQuestion $q): array
    {
        $detailed = $q->lpi !== null || ($q->finestLineMm !== null && $q->finestLineMm <= self::DETAIL_MM);

        return match (true) {
            \in_array($q->ink, ['glitter', 'puff', 'metallic'], true) => [25, 86, $q->ink.' ink with its coarse pigment'],
            $q->substrate === 'paper' => [195, 305, 'paper with thin ink'],
            $q->substrate === 'rigid' => [255, 355, 'hard smooth surfaces and small type'],
            $q->role === PlateRole::Base && $q->garment->l < PrintOrder::LIGHT_GARMENT => $detailed
                ? [180, 230, 'a base under detail or tone']
                : [110, 160, 'a bold base on dark cloth'],
            $q->role === PlateRole::Highlight => $detailed ? [200, 255, 'a fine highlight'] : [160, 230, 'a highlight white'],
            $q->lpi !== null => [200, 305, 'tone on garments'],
            $detailed => [200, 255, 'fine spot colour'],
            default => [110, 165, 'bold spot colour on garments'],
        };
    }

    private static function judge(Mesh $mesh, MeshQuestion $q, float $from, float $to, string $usual): RankedMesh
    {
        $perInch = $mesh->threadsPerInch();
        $middle = sqrt($from * $to);
        // Distance from the middle of the range, in doublings of the count; outside the range it counts four times.
        $cost = abs(log($perInch / $middle, 2));
        if ($perInch < $from || $perInch > $to) {
            $cost += 3 * abs(log($perInch < $from ? $from / $perInch : $perInch / $to, 2));
        }
        $reasons = [];
        $reasons[] = match (true) {
            $perInch < $from => \sprintf('coarser than the %.0f to %.0f per inch usual for %s: more ink, softer edges', $from, $to, $usual),
            $perInch > $to => \sprintf('finer than the %.0f to %.0f per inch usual for %s: less ink and cover', $from, $to, $usual),
            default => \sprintf('within the %.0f to %.0f per inch usual for %s', $from, $to, $usual),
        };
        $holds = true;
        $lineMm = $mesh->finestLineMm();
        if ($q->finestLineMm !== null) {
            if ($q->finestLineMm < $lineMm) {
                $holds = false;
                $cost += 4 + 4 * log($lineMm / $q->finestLineMm, 2);
                $reasons[] = \sprintf('its pitch of %.2f mm cannot hold the finest line of %.2f mm', $lineMm, $q->finestLineMm);
            } else {
                $reasons[] = \sprintf('holds the finest line of %.2f mm on a pitch of %.2f mm', $q->finestLineMm, $lineMm);
            }
        }
        if ($q->finestGapMm !== null && $q->finestGapMm < $mesh->finestGapMm()) {
            $holds = false;
            $cost += 4 + 4 * log($mesh->finestGapMm() / $q->finestGapMm, 2);
            $reasons[] = \sprintf('it keeps no wall of stencil thinner than %.2f mm (two threads and an opening), so the gap of %.2f mm fills in', $mesh->finestGapMm(), $q->finestGapMm);
        }
        if ($q->lpi !== null) {
            $ceiling = $perInch / $q->divisor;
            if ($q->lpi > $ceiling) {
                $holds = false;
                $cost += 4 + 4 * log($q->lpi / $ceiling, 2);
                $reasons[] = \sprintf('%.0f lpi is over its ceiling of %.0f (threads per inch by %g)', $q->lpi, $ceiling, $q->divisor);
            } else {
                $reasons[] = \sprintf('%.0f lpi is under its ceiling of %.0f', $q->lpi, $ceiling);
            }
        }
        if ($q->lpi !== null && $q->tones !== null) {
            $range = ToneRange::on($mesh, $q->lpi);
            if ($q->tones[0] < $range->lightest - 1e-9 || $q->tones[1] > $range->darkest + 1e-9) {
                $cost += 2 + 10 * (max(0.0, $range->lightest - $q->tones[0]) + max(0.0, $q->tones[1] - $range->darkest));
                $reasons[] = \sprintf('at %.0f lpi it holds tones from %.0f to %.0f %%, the plate has %.0f to %.0f %%: the ends must be remapped', $q->lpi, 100 * $range->lightest, 100 * $range->darkest, 100 * $q->tones[0], 100 * $q->tones[1]);
            } else {
                $reasons[] = \sprintf('holds its tones from %.0f to %.0f %%', 100 * $q->tones[0], 100 * $q->tones[1]);
            }
        }
        if ($q->depositUm !== null) {
            $off = abs(log($mesh->volumeCm3M2 * Deposit::TRANSFER / $q->depositUm, 2));
            $cost += 2 * max(0.0, $off - log(1 + self::DEPOSIT_NEAR, 2));
            $reasons[] = \sprintf('leaves about %.0f µm of wet ink where %.0f are wanted', $mesh->volumeCm3M2 * Deposit::TRANSFER, $q->depositUm);
        }
        if ($perInch > self::FINEST_BY_HAND) {
            $cost += 2;
            $reasons[] = 'so fine that too little ink passes for hand work';
        }
        $reasons[] = \sprintf('passes %.0f cm³/m²', $mesh->volumeCm3M2);

        return new RankedMesh($mesh, round($cost, 4), $holds, ucfirst(implode('; ', $reasons)).'.');
    }
}
