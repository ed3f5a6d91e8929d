<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Plan\PlanFields;
use Ektype\App\Plan\ShownPlan;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Pictures\Pull;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Picture\JobArt;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotMethod;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Method\Spot\TintCandidate;
use Ektype\Core\Method\Spot\TintOffers;
use Ektype\Core\Method\Spot\Trap;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\TonalPlan;

/** The bench of the art. */
final readonly class SeeArt
{
    private const NEAR_INKS = 4;

    public function __construct(private Moment $moment, private Pull $pull)
    {
    }

    public function of(int $jobId): ArtBench
    {
        return $this->moment->see(fn (Snapshot $shop): ArtBench => $this->bench($shop->shelves->jobs->whole($jobId), $shop));
    }

    private function bench(Job $job, Snapshot $shop): ArtBench
    {
        [$shelf, $charts] = [$shop->inks(), $shop->shelves->printing->charts];
        $plan = $job->spotPlan();
        $followed = $job->plan();
        $tints = self::tints($job);
        $found = $job->findings();
        $art = $job->art;
        $garment = Lab::of(Srgb::fromHex($job->garmentHex));
        $printed = [];
        foreach ($job->platesInOrder() as $plate) {
            if ($plate->artHex !== null) {
                $printed[$plate->artHex] = $plate->printedIn()->hex();
            }
        }

        return new ArtBench(
            art: new ArtBrought(
                artName: $art->name,
                artKind: $art->kind,
                artWidthPx: $art->widthPx,
                artHeightPx: $art->heightPx,
                artPpi: $job->artPpi(),
                framing: $job->framing(),
            ),
            trap: Trap::figure($plan->trapMm, $job->press?->registerSigmaMm, $job->press->name ?? ''),
            found: new ArtFound(
                groundLeftOpen: $found->groundLeftOpen ?? false,
                kindFound: $found->kind ?? '',
                kindWhy: $found->kindWhy ?? '',
                palette: array_map(static fn (FoundColour $c): PaletteColour => self::colour($c, $plan, $shelf, $tints, $printed[$c->hex] ?? null, $garment), $found->palette ?? []),
                strays: $found->strays ?? [],
                warnings: $found->warnings ?? [],
                flats: $found->flats ?? [],
            ),
            positives: $plan->positives,
            way: new WayOfSeparating(
                method: $job->method() ?? MethodName::usual(),
                plan: new ShownPlan($followed),
                says: MethodSays::of($followed->method()),
                fields: PlanFields::of($followed::class),
                curve: $followed instanceof TonalPlan ? array_map(static fn (int $step): float => round($followed->work()->on(2.0 * $step), 2), range(0, 50)) : [],
                gain: $followed instanceof TonalPlan ? $charts->known($job->gainSetting())->figure() : null,
            ),
            inked: $job->separationIsCurrent() ? $this->pull->inked($job) : null,
            filmMind: $job->filmProfile()->tooLarge($job->filmSheet(JobArt::DRAWN_OVER)),
            patternsSay: (new ScreenBook($job, $shop))->patternsSay(),
        );
    }

    /** @return list<Tint> that could save a plate */
    private static function tints(Job $job): array
    {
        $plates = $job->platesInOrder();
        $flat = [];
        $named = [];
        foreach ($plates as $plate) {
            if ($plate->artHex !== null && !$plate->printsTones()) {
                $flat[] = new TintCandidate($plate->artHex, $plate->printedIn());
                $named[$plate->name] = $plate->artHex;
            }
        }

        return TintOffers::of($flat, Srgb::fromHex($job->garmentHex), \count($flat) < \count($plates), touching: TintOffers::pairs($job->findings()->budget ?? [], $named));
    }

    /**
     * @param list<Ink>   $shelf
     * @param list<Tint>  $tints
     * @param string|null $printed colour of the ink that it prints in
     */
    private static function colour(FoundColour $c, SpotPlan $plan, array $shelf, array $tints, ?string $printed, Lab $garment): PaletteColour
    {
        return new PaletteColour(
            hex: $c->hex,
            sharePct: $c->sharePct,
            prints: new ColourPrints(
                printsAs: $c->printsAs,
                leftOpen: $c->leftOpen,
                whyOpen: $c->whyOpen,
                givenAway: \in_array($c->hex, $plan->colours->leftOpen, true),
                isSplit: \in_array($c->hex, $plan->colours->splits, true),
                lockedInkId: $plan->locks[$c->hex] ?? null,
            ),
            nearInks: self::near($c->hex, $shelf),
            offers: (new SpotMethod())->offers($plan, $c),
            tints: array_values(array_filter($tints, static fn (Tint $t): bool => $t->hex === $c->hex)),
            tint: $plan->colours->tints[$c->hex] ?? null,
            base: new ColourOnBase(
                onBase: $plan->colours->onBase[$c->hex] ?? Garment::needsBase(Lab::of(Srgb::fromHex($printed ?? $c->hex)), $garment),
                baseByHand: isset($plan->colours->onBase[$c->hex]),
            ),
        );
    }

    /**
     * @param list<Ink> $shelf
     *
     * @return list<NearInk>
     */
    private static function near(string $hex, array $shelf): array
    {
        $lab = Lab::of(Srgb::fromHex($hex));
        $near = array_map(
            static fn ($candidate): NearInk => new NearInk(
                $candidate->idOrFail(),
                $candidate->name,
                $candidate->hex,
                round(Ciede2000::between($lab, Lab::of(Srgb::fromHex($candidate->hex))), 2),
                $candidate->gramsLeft,
            ),
            $shelf,
        );
        usort($near, static fn (NearInk $a, NearInk $b): int => $a->deltaE <=> $b->deltaE);

        return \array_slice($near, 0, self::NEAR_INKS);
    }
}
