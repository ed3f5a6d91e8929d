<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Hex;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Flash\FlashLearned;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\ImpossibleOrder;
use Ektype\Core\Press\OrderTerms;
use Ektype\Core\Press\PlateInOrder;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** Plates whose order is asked. */
final readonly class OrderAsked
{
    /**
     * @param list<PlateOrderAsked> $plates
     * @param list<string>          $order   one to be scored too, by names
     * @param int|null              $flashes that there are at the most
     * @param bool                  $tonal   whether dots or squares carry tones
     * @param bool                  $dries   whether each plate dries before the next
     */
    public function __construct(
        #[Assert\Valid]
        public array $plates,
        #[Hex]
        public string $garment = '#ffffff',
        public array $order = [],
        #[Bounded(Quantity::Flashes)]
        public ?int $flashes = null,
        public Substrate $substrate = Substrate::Cotton,
        public PressWay $press = PressWay::Rotary,
        #[Bounded(Quantity::Platens)]
        public int $platens = 1,
        public bool $tonal = false,
        public bool $dries = false,
    ) {
    }

    public function terms(): OrderTerms
    {
        return new OrderTerms($this->tonal, $this->dries);
    }

    public function garment(): Lab
    {
        return Lab::of(Srgb::fromHex($this->garment));
    }

    /** @return list<PlateInOrder> */
    public function inOrder(): array
    {
        $index = $this->index();

        return array_map(static fn (PlateOrderAsked $p, int $i): PlateInOrder => new PlateInOrder(
            $p->name,
            $p->role,
            Lab::of(Srgb::fromHex($p->hex)),
            $p->sharePct / 100,
            $p->hidingPct / 100,
            $p->threadsPerCm,
            raised: $p->raised,
            touches: self::by($p->touchesPct, $index, "plates[$i].touches_pct"),
            overlaps: self::by($p->overlapsPct, $index, "plates[$i].overlaps_pct"),
            transparent: $p->transparent,
        ), $this->plates, array_keys($this->plates));
    }

    /** By the law of printing, for the seconds of a piece. */
    public function toPrint(): JobToPrint
    {
        return new JobToPrint(
            array_map(static fn (PlateOrderAsked $p, int $i): PlateToPrint => $p->toPrint($i), $this->plates, array_keys($this->plates)),
            new Cloth($this->garment(), $this->substrate),
            new PressAtHand($this->press, \count($this->plates), $this->flashes ?? 1, $this->platens, FlashLearned::of([])),
            MethodName::usual(),
            new SizeOfPrint(300.0, 300.0),
        );
    }

    /** @return list<int> */
    public function indices(): array
    {
        $index = $this->index();

        return array_map(static fn (string $name): int => $index[$name] ?? throw ImpossibleOrder::at('order', \sprintf('There is no plate “%s”. Name each plate once.', $name)), $this->order);
    }

    /** @return array<string, int> */
    private function index(): array
    {
        $index = [];
        foreach ($this->plates as $i => $plate) {
            if (isset($index[$plate->name])) {
                throw ImpossibleOrder::at("plates[$i].name", \sprintf('Two plates are called “%s”. Call them otherwise.', $plate->name));
            }
            $index[$plate->name] = $i;
        }

        return $index;
    }

    /**
     * @param array<string, float> $shares %
     * @param array<string, int>   $index
     *
     * @return array<int, float> 0–1, by plate
     */
    private static function by(array $shares, array $index, string $at): array
    {
        $of = [];
        foreach ($shares as $name => $share) {
            $of[$index[$name] ?? throw ImpossibleOrder::at($at, \sprintf('There is no plate “%s” to touch. Name one of the plates.', $name))] = $share / 100;
        }

        return $of;
    }
}
