<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Dryer;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Plan\Codec;
use Ektype\Core\Cure\Dryer;

/** A dryer of the shop, and what probes read in it. */
#[ORM\Entity]
class ShopDryer
{
    private const RUNS = 12;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** @var array<string, mixed> */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $settings;

    /** @var list<float> how much heat it gave against what it is said to, by each run of a probe */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $runs = [];

    public function __construct(Dryer $dryer = new Dryer())
    {
        $this->settings = Codec::written($dryer);
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('A dryer on the shelf has a number.');
    }

    /** As it was set, with the heat that its probes have found. */
    public function dryer(): Dryer
    {
        $runs = $this->runs;
        sort($runs);
        $n = \count($runs);

        return $n === 0 ? $this->set() : $this->set()->heating(($runs[intdiv($n - 1, 2)] + $runs[intdiv($n, 2)]) / 2);
    }

    /** As it was set, without what was learned. */
    public function set(): Dryer
    {
        return Codec::read(Dryer::class, $this->settings);
    }

    public function change(Dryer $dryer): void
    {
        // Air or panels set otherwise: what probes found of them still holds of the tunnel.
        $this->settings = Codec::written($dryer);
    }

    public function probed(float $times): void
    {
        $this->runs = \array_slice([...$this->runs, round($times, 4)], -self::RUNS);
    }

    public function runs(): int
    {
        return \count($this->runs);
    }
}
