<?php

declare(strict_types=1);

namespace Ektype\Core\Advice;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\Heads;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\Drawn;
use Ektype\Core\Print\FrameAtHand;
use Ektype\Core\Print\InkToPrint;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlateShare;

/** One way to print a picture, with what it costs on a press and how near it comes. */
final readonly class PrintWay
{
    /**
     * A job’s own minutes, and each screen’s: coated, burned, taped, set up, registered, cleaned (heuristic); an automatic
     * has more to set, its air, strokes and dwell, before the first print.
     */
    private const SET_UP_MIN = 15.0;
    private const SET_UP_AUTOMATIC_MIN = 25.0;
    private const SCREEN_MIN = 14.0;
    private const SCREEN_AUTOMATIC_MIN = 16.0;
    /** Through which mesh plates of a role usually print, threads per cm and thread in µm: 156, 305 and 255 per inch, spot colours as a base (heuristic). */
    private const SPOT_MESH = [61.0, 64.0];
    private const MESHES = ['base' => [61.0, 64.0], 'colour' => [120.0, 34.0], 'highlight' => [90.0, 48.0]];

    public float $setUpMin;
    public float $secondsAShirt;
    public float $inkGrams;

    /**
     * @param list<PlateShare> $plates     in print order
     * @param bool             $fits       whether it is for such art
     * @param float            $mean       of the print from the art, ΔE00
     * @param float            $p95        95 % of it is nearer, ΔE00
     * @param PrintPlan|null   $plan       how it is printed; null where it prints nothing
     * @param bool             $automatic  whether the press prints by itself
     * @param float            $drift      how much it wanders over a run, ΔE00
     * @param bool             $suitsCloth whether it is advised on cloth so dark: transparent inks want white or pale under them
     */
    public function __construct(
        public MethodName $method,
        public array $plates,
        public bool $fits,
        public float $mean,
        public float $p95,
        ?PrintPlan $plan,
        bool $automatic = false,
        public float $drift = 0.0,
        public bool $suitsCloth = true,
    ) {
        $screens = \count($plates);
        $this->setUpMin = $automatic
            ? self::SET_UP_AUTOMATIC_MIN + self::SCREEN_AUTOMATIC_MIN * $screens
            : self::SET_UP_MIN + self::SCREEN_MIN * $screens;
        $this->secondsAShirt = $plan->rhythm->secondsAPiece ?? 0.0;
        $this->inkGrams = $plan?->gramsEach() ?? 0.0;
    }

    /**
     * How it would be printed before there are plates and frames: through the usual meshes.
     *
     * @param list<PlateShare> $plates in print order
     */
    public static function supposed(MethodName $method, array $plates, SizeOfPrint $size, Cloth $cloth, PressAtHand $press): ?PrintPlan
    {
        return $plates === [] ? null : PrintLaw::of(new JobToPrint(
            array_map(static fn (PlateShare $p, int $i): PlateToPrint => self::plate($p, $i, $method, $size), $plates, array_keys($plates)),
            $cloth,
            $press,
            $method,
            $size,
        ));
    }

    /** Off the art and over a run together, ΔE00. */
    public function off(): float
    {
        return hypot($this->mean, $this->drift);
    }

    /**
     * What could go wrong, in plain sentences.
     *
     * @param int|null $heads of the press; null where none was chosen
     *
     * @return list<string>
     */
    public function risks(?int $heads, string $press = ''): array
    {
        $missing = $heads === null ? '' : Heads::missing(\count($this->plates), true, $heads, $press);

        return [...$missing === '' ? [] : [$missing], ...$this->method->beware() !== '' ? [$this->method->beware()] : ($this->method->isTonal() || $this->fits ? [] : ['Blends become steps with hard edges.'])];
    }

    private static function plate(PlateShare $plate, int $i, MethodName $method, SizeOfPrint $size): PlateToPrint
    {
        [$threads, $thread] = $plate->role === PlateRole::Colour && !$method->isTonal() ? self::SPOT_MESH : self::MESHES[$plate->role->value];

        return new PlateToPrint(
            $i,
            $plate->ink,
            $plate->role,
            new InkToPrint($plate->ink, InkKind::Plastisol, $plate->colour),
            new Drawn($plate->colour, $size->cm2() * $plate->share, $plate->share, tones: $method->hasDots()),
            new Mesh($threads, $thread),
            frame: FrameAtHand::usual(),
            solvedFor: $plate->solvedFor,
        );
    }
}
