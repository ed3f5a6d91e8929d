<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\SideBySide;

/** The plates as they lie on each other: each with its trap, and the base under what needs one. */
final readonly class LaidPlates
{
    private const BASE_WHITE = [246, 244, 238];

    /**
     * @param list<PlateDraft> $drafts  the colour plates, in print order
     * @param list<BitPlane>   $printed each with its trap
     * @param int|null         $serving the plate that serves as the base
     * @param ChokedBase|null  $base    null where nothing needs one
     */
    private function __construct(public array $drafts, public array $printed, public ?int $serving, public ?ChokedBase $base)
    {
    }

    /**
     * @param list<PlateDraft> $drafts   in print order
     * @param int|null         $baseFrom the colour in the palette whose plate serves as the base
     * @param bool             $large    whether they are worth a process each
     */
    public static function of(array $drafts, ?int $baseFrom, SpotRequest $request, bool $large): self
    {
        $serving = self::serving($drafts, $baseFrom);
        $pieces = [static fn (): ?ChokedBase => self::base($drafts, $serving, $request)];
        foreach (array_keys($drafts) as $i) {
            $pieces[] = static fn (): BitPlane => Trap::one(
                $drafts,
                $i,
                $request->trapMm / 25.4 * $request->dpi,
                $request->trapMm > 0 ? Trap::OVERPRINT_MM / 25.4 * $request->dpi : 0,
            );
        }
        $base = null;
        $printed = [];
        foreach (SideBySide::all($pieces, $large) as $made) {
            if ($made instanceof BitPlane) {
                $printed[] = $made;
            } else {
                $base = $made;
            }
        }

        return new self($drafts, $printed, $serving, $base);
    }

    /** @return array{list<PlateDraft>, list<BitPlane>} all in print order, the base first */
    public function withBase(): array
    {
        if ($this->base !== null && $this->serving !== null) {
            // Full size where it shows, choked where another ink covers it; it goes down first.
            [$drafts, $printed] = [$this->drafts, $this->printed];
            $first = [$drafts[$this->serving]->asBase(), $printed[$this->serving]->or($this->base->plane)];
            unset($drafts[$this->serving], $printed[$this->serving]);

            return [[$first[0], ...array_values($drafts)], [$first[1], ...array_values($printed)]];
        }
        if ($this->base !== null && !$this->base->plane->isBlank()) {
            $white = new Srgb(...self::BASE_WHITE);

            return [
                [new PlateDraft(PlateRole::Base, $white, $white, $this->base->plane, 'Base white'), ...$this->drafts],
                [$this->base->plane, ...$this->printed],
            ];
        }

        return [$this->drafts, $this->printed];
    }

    /** @param list<PlateDraft> $drafts */
    private static function serving(array $drafts, ?int $leader): ?int
    {
        foreach ($drafts as $i => $draft) {
            if ($leader !== null && $draft->leader === $leader) {
                return $i;
            }
        }

        return null;
    }

    /**
     * The base under all that needs one; null where nothing does.
     *
     * @param list<PlateDraft> $drafts
     * @param int|null         $serving the plate that serves as the base
     */
    private static function base(array $drafts, ?int $serving, SpotRequest $request): ?ChokedBase
    {
        $needed = null;
        foreach ($drafts as $i => $draft) {
            if ($draft->onBase && $i !== $serving) {
                $needed = $needed === null ? $draft->alone : $needed->or($draft->alone);
            }
        }
        if ($needed === null) {
            return null;
        }

        // Where a serving plate touches what it carries, ink runs on under ink: no choke there.
        return ChokedBase::under(
            $serving === null ? $needed : $needed->or($drafts[$serving]->alone),
            $request->plan->chokeMm / 25.4 * $request->dpi,
            $request->dpi,
        );
    }
}
