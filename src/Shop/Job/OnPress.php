<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Doctrine\ORM\Mapping as ORM;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\SetUp;
use Ektype\Core\Registration\RegisterWay;

/** How a job is set up on its press, and what of it is done. */
#[ORM\Embeddable]
class OnPress
{
    /** @var list<string> what is set on the press for it */
    #[ORM\Column(options: ['default' => '[]'])]
    private array $setUp = [];

    /** Whether strokes come towards the operator. */
    #[ORM\Column(options: ['default' => true])]
    public bool $pull = true;

    /** As it was chosen; null follows what is printed on. */
    #[ORM\Column(length: 16, nullable: true)]
    public ?RegisterWay $registerWay = null;

    /** The plate that the others are brought to, by its number; null follows the order: the first, a base where there is one. */
    #[ORM\Column(nullable: true)]
    public ?int $keyPlate = null;

    /** The highest seam, zip or pocket under a screen, mm. */
    #[ORM\Column(options: ['default' => 0])]
    public float $seamMm = 0.0;

    /** How its screens are registered: paper to a clear sheet, all else to films on the platen, unless another way was chosen. */
    public function way(Substrate $on): RegisterWay
    {
        return $this->registerWay ?? ($on === Substrate::Paper ? RegisterWay::ClearSheet : RegisterWay::Films);
    }

    /** @return list<SetUp> */
    public function done(): array
    {
        return array_values(array_filter(array_map(SetUp::tryFrom(...), $this->setUp)));
    }

    /** One at a time: two hands at one press lose nothing. */
    public function tick(SetUp $one, bool $on): void
    {
        $this->setUp = array_values(array_unique([...array_filter($this->setUp, static fn (string $was): bool => $was !== $one->value), ...$on ? [$one->value] : []]));
    }

    /** The same way for another job, of which nothing is done yet. */
    public function same(): self
    {
        $same = clone $this;
        $same->setUp = [];
        // Its plates have other numbers.
        $same->keyPlate = null;

        return $same;
    }
}
