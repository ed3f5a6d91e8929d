<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Console\CurveFile;
use Ektype\App\Console\ShelfChoice;
use Ektype\App\Request\Hex;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Request\Within;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Method\Layers\LayerEdge;
use Ektype\Core\Method\OneInk\OneInkRequest;
use Ektype\Core\Method\Process\AngleSchool;
use Ektype\Core\Method\Process\ProcessRequest;
use Ektype\Core\Method\Simulated\SimulatedRequest;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Method\TwoTone\Middle;
use Ektype\Core\Method\TwoTone\TwoToneRequest;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\ImpossibleTones;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\InkTones;
use Ektype\Core\Tone\PlannedDots;

/** A print that is wanted, and the films for it. */
final readonly class SeparateAsked
{
    private const WHITE = [246, 244, 238];
    private const BLACK = [27, 26, 23];

    public function __construct(
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public float $widthMm,
        #[Hex]
        public string $garment,
        #[Within(1, 24)]
        public ?int $inks = null,
        #[Within(100, 2880, 'dpi')]
        public float $dpi = 600.0,
        #[Within(0, 3, 'mm')]
        public float $chokeMm = SpotRequest::CHOKE_MM,
        #[Within(0, 2, 'mm')]
        public float $trapMm = 0.0,
        public ?string $palette = null,
        public string $formats = 'pdf,png',
        public ?string $media = null,
        public bool $stepWedge = false,
        public bool $printGround = false,
        public string $out = '',
        public SeparateWay $method = SeparateWay::Spot,
        public float $lpi = 45.0,
        public float $angle = Halftone::SAFE_ANGLE,
        public Dot $dot = Dot::Round,
        public string $range = '0,100',
        public ?string $curve = null,
        #[Within(0, 2, 'mm')]
        public ?float $holdBackMm = null,
        public ?Middle $middle = null,
        public ?int $plates = null,
        public ?BaseWay $base = null,
        public ?float $indexDpi = null,
        public bool $highlight = false,
        #[Within(0, 1)]
        public float $black = ProcessRequest::USUAL_BLACK,
        #[Within(1.2, 4)]
        public float $total = ProcessRequest::USUAL_TOTAL,
        public AngleSchool $angles = AngleSchool::Fan,
        public ?string $icc = null,
        public OrderSchool $order = OrderSchool::LightToDark,
        public Diffusion $diffusion = Diffusion::Errors,
        public LayerEdge $edge = LayerEdge::Clean,
    ) {
    }

    /** Without inks of its own, white on dark cloth and black on light. */
    public function oneInk(): OneInkRequest
    {
        $this->mustHaveTones();
        foreach (['holdBackMm' => $this->holdBackMm !== null, 'middle' => $this->middle !== null] as $field => $given) {
            if ($given) {
                throw UnreadableRequest::at($field, 'A picture in one ink has one plate: this belongs to two of them. Leave it out, or take --method=two-tone.');
            }
        }
        $garment = Srgb::fromHex($this->garment);

        return new OneInkRequest(
            $this->widthMm,
            $garment,
            InkTones::furthest($garment, ...$this->tonalInks()),
            $this->dpi,
            new Halftone($this->lpi, $this->angle),
            $this->dot,
            $this->tones(),
            $this->filmCurve(),
        );
    }

    /** The darkest and the lightest of the inks that were named; black and white without any. */
    public function twoTone(): TwoToneRequest
    {
        $this->mustHaveTones();
        $inks = $this->tonalInks();
        usort($inks, static fn (GivenInk $a, GivenInk $b): int => Lab::of($a->colour)->l <=> Lab::of($b->colour)->l);
        if (\count($inks) < 2) {
            throw UnreadableRequest::at('palette', 'A picture in two tones needs a dark and a light ink; the palette names one. Name both, or take --method=one-ink.');
        }

        return new TwoToneRequest(
            $this->widthMm,
            Srgb::fromHex($this->garment),
            $inks[0],
            $inks[\count($inks) - 1],
            $this->dpi,
            new Halftone($this->lpi, $this->angle),
            $this->dot,
            $this->holdBackMm,
            $this->middle,
            $this->tones(),
            $this->filmCurve(),
        );
    }

    public function simulated(ShelfChoice $choice): SimulatedRequest
    {
        $this->mustHaveTones();

        return new SimulatedRequest(
            $this->widthMm,
            Srgb::fromHex($this->garment),
            $choice->inks,
            $choice->base,
            $choice->highlight,
            $this->dpi,
            new PlannedDots(new Halftone($this->lpi, $this->angle), $this->dot, $this->tones()),
            $this->filmCurve(),
            order: $this->order,
        );
    }

    public function filmCurve(): ?ToneCurve
    {
        return $this->curve === null ? null : CurveFile::read($this->curve);
    }

    /** @return array{Halftone, Tones, ToneCurve|null} dots of flat colours: ruling and angle, what the mesh holds, and the curve of the film */
    public function tintDots(): array
    {
        return [new Halftone($this->lpi, $this->angle), $this->tones(), $this->filmCurve()];
    }

    public function mustHaveTones(): void
    {
        foreach (['inks' => $this->inks !== null, 'trapMm' => $this->trapMm > 0, 'printGround' => $this->printGround] as $field => $given) {
            if ($given) {
                throw UnreadableRequest::at($field, 'A picture in tones has the plates of its inks and no ground: this belongs to spot plates. Leave it out, or take --method=spot.');
            }
        }
    }

    /** @return non-empty-list<GivenInk> */
    private function tonalInks(): array
    {
        return $this->palette === null
            ? [new GivenInk('White', new Srgb(...self::WHITE)), new GivenInk('Black', new Srgb(...self::BLACK))]
            : InkPalette::read($this->palette);
    }

    public function tones(): Tones
    {
        if (preg_match('/^\s*(\d+(?:\.\d+)?)\s*,\s*(\d+(?:\.\d+)?)\s*$/', $this->range, $ends) !== 1) {
            throw UnreadableRequest::at('range', \sprintf('“%s” is no range of tones. Give the lightest and the darkest that the mesh holds, in per cent: 5,90.', $this->range));
        }

        try {
            return new Tones((float) $ends[1] / 100, (float) $ends[2] / 100);
        } catch (ImpossibleTones $none) {
            throw UnreadableRequest::at('range', $none->getMessage());
        }
    }

    /** @return array<string, array{bool, non-empty-list<SeparateWay>}> what was given of pictures in many inks, and the methods it belongs to */
    private function ofMany(): array
    {
        return [
            'plates' => [$this->plates !== null, [SeparateWay::Simulated, SeparateWay::Index, SeparateWay::Process, SeparateWay::Layers]],
            'base' => [$this->base !== null, [SeparateWay::Simulated, SeparateWay::Index, SeparateWay::Process]],
            'highlight' => [$this->highlight, [SeparateWay::Simulated]],
            'indexDpi' => [$this->indexDpi !== null, [SeparateWay::Index]],
            'diffusion' => [$this->diffusion !== Diffusion::Errors, [SeparateWay::Index]],
            'black' => [$this->black !== ProcessRequest::USUAL_BLACK, [SeparateWay::Process]],
            'total' => [$this->total !== ProcessRequest::USUAL_TOTAL, [SeparateWay::Process]],
            'angles' => [$this->angles !== AngleSchool::Fan, [SeparateWay::Process]],
            'icc' => [$this->icc !== null, [SeparateWay::Process]],
            'order' => [$this->order !== OrderSchool::LightToDark, [SeparateWay::Simulated]],
            'edge' => [$this->edge !== LayerEdge::Clean, [SeparateWay::Layers]],
        ];
    }

    public function request(): SpotRequest
    {
        if ($this->method->isOfMany() || $this->method === SeparateWay::Layers) {
            $this->mustHaveTones();
        }
        foreach ($this->ofMany() as $field => [$given, $ways]) {
            if ($given && !\in_array($this->method, $ways, true)) {
                throw UnreadableRequest::at($field, \sprintf('This belongs to --method=%s. Leave it out, or take that method.', implode(' or ', array_map(static fn (SeparateWay $way): string => $way->value, $ways))));
            }
        }
        foreach (['curve' => $this->curve !== null, 'range' => $this->range !== '0,100', 'holdBackMm' => $this->holdBackMm !== null, 'middle' => $this->middle !== null] as $field => $given) {
            $ofTints = $field === 'curve' || $field === 'range';
            if (!$given || !\in_array($this->method, [SeparateWay::Spot, SeparateWay::Index, SeparateWay::Layers, ...$ofTints ? [] : [SeparateWay::Tints]], true)) {
                continue;
            }
            throw UnreadableRequest::at($field, 'Plates of this method have no tones: this belongs to --method=one-ink or two-tone. Leave it out, or take one of them.');
        }

        return new SpotRequest(
            $this->widthMm,
            Srgb::fromHex($this->garment),
            $this->inks,
            $this->dpi,
            $this->chokeMm,
            printGround: $this->printGround,
            trapMm: $this->trapMm,
            palette: $this->palette === null ? [] : InkPalette::read($this->palette),
        );
    }
}
