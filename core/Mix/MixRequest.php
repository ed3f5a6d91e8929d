<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Tone\CubeSteps;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Tone\UsedNodes;

/**
 * A print in dots of many inks over each other: every plate with its place, its role and its dots.
 *
 * @phpstan-import-type Planes from CubeSteps
 */
final readonly class MixRequest
{
    /**
     * @param float                                                $widthMm printed width of the whole picture
     * @param non-empty-list<array{GivenInk, PlateRole, Halftone}> $plates  in print order, their hiding as they lie
     * @param float                                                $dpi     of the film
     * @param Tones                                                $range   tones that the mesh holds, of the film
     * @param ToneCurve|null                                       $curve   of the film, against the gain of the press
     * @param int                                                  $finest  nodes a side of the table at the most
     * @param list<HeldFlat>                                       $flats   colours whose areas print solid
     * @param MixTable|null                                        $given   how much each plate prints of every colour, from elsewhere; null solves it
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public array $plates,
        public MixTerms $terms,
        public float $dpi,
        public Dot $dot = Dot::Round,
        public Tones $range = new Tones(0.0, 1.0),
        public ?ToneCurve $curve = null,
        public ToneWork $work = new ToneWork(),
        public int $finest = MixTable::SIDE,
        public PlateCurves $curves = new PlateCurves(),
        private ?MixTable $given = null,
        public array $flats = [],
    ) {
    }

    public function layered(): LayeredInks
    {
        return new LayeredInks($this->garment, array_column($this->plates, 0));
    }

    /** @param array<int, true>|null $used nodes of the finest cube that are looked up; null for all */
    public function table(?int $finest = null, ?array $used = null): MixTable
    {
        return $this->given ?? MixTable::of($this->layered(), $this->terms, $finest ?? $this->finest, $used === null ? null : static fn (): array => $used);
    }

    /**
     * How much each plate prints of the colours of a picture, as it is looked up; nothing where the garment gives the colour.
     *
     * @param Planes $channels red, green and blue, a byte a place
     *
     * @return list<string>
     */
    public function steps(array $channels): array
    {
        $table = $this->given ?? MixTable::of($this->layered(), $this->terms, $this->finest, static fn (int $side): array => UsedNodes::of($channels, $side));

        return GarmentLeft::of($table->steps(), $this->garment, $table->side);
    }

    /**
     * How much a plate prints where the table asks for so much: by its own curve, and as the mesh holds it.
     *
     * @return \Closure(int, float): float given the plate and what is asked of it, 0–1
     */
    public function printed(): \Closure
    {
        $range = $this->printedRange();

        return fn (int $plate, float $asked): float => $range->hold($this->curves->at($this->plates[$plate][0]->name, $asked));
    }

    /** What the mesh holds are dots of the film: printed they are larger. */
    public function printedRange(): Tones
    {
        return $this->curve?->printed($this->range) ?? $this->range;
    }

    /**
     * What a plate prints of each flat colour.
     *
     * @return list<int> 0 for nothing, 255 for solid
     */
    public function solids(int $plate): array
    {
        [$ink, $role] = $this->plates[$plate];

        return array_map(static fn (HeldFlat $flat): int => match ($role) {
            PlateRole::Base => $flat->ink === '' ? 0 : 255,
            PlateRole::Colour => !$flat->onBase && $flat->ink === $ink->name ? 255 : 0,
            default => 0,
        }, $this->flats);
    }

    /** @return list<Srgb> colours of the art whose areas print solid */
    public function flatColours(): array
    {
        return array_map(static fn (HeldFlat $flat): Srgb => Srgb::fromHex($flat->hex), $this->flats);
    }

    /** Tells apart everything that its table depends on. */
    public function key(): string
    {
        return hash('sha256', serialize([
            $this->garment->hex(),
            array_map(static fn (array $plate): array => [$plate[0]->colour->hex(), round($plate[0]->hiding, 5), $plate[0]->transparent], $this->plates),
            $this->terms,
            MixTerms::LAW,
            $this->printedRange(),
            ...$this->given === null ? [] : [$this->given->written()],
        ]));
    }
}
