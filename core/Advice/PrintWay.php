<?php

declare(strict_types=1);

namespace Ektype\Core\Advice;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\CycleTime;
use Ektype\Core\Press\Heads;
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
    /** Through which mesh plates of a role usually print, threads per cm and thread in µm: 156, 305 and 255 per inch (heuristic). */
    private const MESHES = ['base' => [61.0, 64.0], 'colour' => [120.0, 34.0], 'highlight' => [90.0, 48.0]];

    public float $setUpMin;
    public float $secondsAShirt;
    public float $inkGrams;

    /**
     * @param list<PlateShare> $plates in print order
     * @param bool             $fits   whether it is for such art
     * @param float            $mean   of the print from the art, ΔE00
     * @param float            $p95    95 % of it is nearer, ΔE00
     * @param float            $cm2    of the whole print
     * @param bool             $atOnce whether all heads of the press print at the same time
     */
    public function __construct(
        public MethodName $method,
        public array $plates,
        public bool $fits,
        public float $mean,
        public float $p95,
        private float $cm2,
        bool $atOnce = false,
    ) {
        $screens = \count($plates);
        $this->setUpMin = $atOnce
            ? self::SET_UP_AUTOMATIC_MIN + self::SCREEN_AUTOMATIC_MIN * $screens
            : self::SET_UP_MIN + self::SCREEN_MIN * $screens;
        $flashes = \count(array_filter($plates, static fn (PlateShare $p): bool => $p->role === PlateRole::Base)) + \count(array_filter($plates, static fn (PlateShare $p): bool => $p->role === PlateRole::Highlight));
        $strokes = array_map(self::strokes(...), $plates);
        $this->secondsAShirt = $atOnce ? CycleTime::atOnce($strokes, $flashes) : CycleTime::seconds($strokes, $flashes);
        $this->inkGrams = array_sum(array_map($this->grams(...), $plates));
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

        return [...$missing === '' ? [] : [$missing], ...match ($this->method) {
            MethodName::Spot => $this->fits ? [] : ['Blends become steps with hard edges.'],
            MethodName::OneInk => ['Colours are gone: only light and dark are left.'],
            MethodName::TwoTone => ['A shift of more than the gap between the dots prints one ink on the other.'],
            MethodName::Simulated => ['Dots of many plates at one angle: pressure and squeegee must stay alike, or the colours drift.'],
            MethodName::Process => ['Four rulings over each other: a rosette up close, and moiré where an angle is off.'],
            MethodName::Index => ['Squares are seen from near. Wet inks run together where squares touch: inks of like hiding, light hand.'],
            MethodName::Layers => ['Each layer dries before the next. Colours that the tints do not make are missing.'],
        }];
    }

    private static function strokes(PlateShare $plate): int
    {
        return $plate->role === PlateRole::Base ? Deposit::STROKES_OF_A_BASE : 1;
    }

    /** Of one print, g. */
    private function grams(PlateShare $plate): float
    {
        [$threads, $thread] = self::MESHES[$plate->role->value];

        return (new Deposit(new Mesh($threads, $thread), InkKind::Plastisol, self::strokes($plate), 0.0))->grams($this->cm2 * $plate->share, 1);
    }
}
