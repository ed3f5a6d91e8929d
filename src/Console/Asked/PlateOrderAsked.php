<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Print\Drawn;
use Ektype\Core\Print\FrameAtHand;
use Ektype\Core\Print\InkToPrint;
use Ektype\Core\Print\PlateToPrint;

/** A plate as its order asks for it. */
final readonly class PlateOrderAsked
{
    /** Mesh where none is told, per cm; and thread of a usual weave, µm at 1 per cm (heuristic: 64 at 61, 34 at 120). */
    private const FINE = 120.0;
    private const USUAL_THREAD = 4000.0;

    /**
     * @param array<string, float> $touchesPct  of the picture along the edge that it has with another plate, by its name
     * @param array<string, float> $overlapsPct of the picture where both print
     * @param bool                 $transparent it tints what lies below, by design
     */
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Hex]
        public string $hex,
        #[Within(0, 100, '%')]
        public float $sharePct,
        public PlateRole $role = PlateRole::Colour,
        #[Within(0, 100, '%')]
        public float $hidingPct = 80.0,
        #[Within(5, 250, 'threads per cm')]
        public ?float $threadsPerCm = null,
        #[Within(10, 400, 'µm')]
        public ?float $threadUm = null,
        public bool $raised = false,
        public array $touchesPct = [],
        public array $overlapsPct = [],
        public bool $transparent = false,
    ) {
    }

    /** Fine mesh where none is told. */
    public function toPrint(int $i): PlateToPrint
    {
        $lab = Lab::of(Srgb::fromHex($this->hex));
        $threads = $this->threadsPerCm ?? self::FINE;

        return new PlateToPrint(
            $i,
            $this->name,
            $this->role,
            new InkToPrint($this->name, $this->raised ? InkKind::Puff : ($this->transparent ? InkKind::Transparent : InkKind::Plastisol), $lab),
            new Drawn($lab, 0.0, $this->sharePct / 100),
            new Mesh($threads, $this->threadUm ?? self::USUAL_THREAD / $threads),
            frame: FrameAtHand::usual(),
        );
    }
}
