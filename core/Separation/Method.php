<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Mesh\Mesh;

/**
 * A way in which art becomes plates: a plan in; plates, each with its edge, out; the decisions that it offers; what its
 * plates buy. A new way is a folder of core/Method with a plan and a class of this interface.
 *
 * @template P of Plan
 */
interface Method
{
    /**
     * @param list<Mesh> $rack of the frames that there are
     *
     * @return P what a new job begins with: its dots are those that the rack holds calmly
     */
    public function begin(array $rack = []): Plan;

    /**
     * @param P                                       $plan
     * @param (callable(string, float): void)|null    $progress told the step and its share done, 0–1
     * @param (\Closure(list<FirstPlate>): void)|null $show     shown the plates at the size of the screen on the way
     *
     * @throws ImpossibleSeparation where nothing would print or the films would be larger than can be made
     */
    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated;

    /**
     * What a first look at the print needs, with nothing measured.
     *
     * @param P                                                   $plan
     * @param PrintWanted                                         $print on the screen
     * @param (\Closure(string, \Closure(): string): string)|null $kept  what is reckoned under a name is reckoned once
     *
     * @return list<FirstPlate> in print order; none where the plates are there as they are
     *
     * @throws ImpossibleSeparation where nothing would print
     */
    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array;

    /**
     * @param P $plan
     *
     * @return list<Decision> what may be decided about a colour that was found
     */
    public function offers(Plan $plan, FoundColour $colour): array;
}
