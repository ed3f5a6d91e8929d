<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Lamp\Contact;
use Ektype\Core\Lamp\LampDistance;
use Ektype\Core\Unit\Quantity;

/** A point lamp over a print on its frame. */
final readonly class DistanceAsked
{
    public function __construct(
        #[Within(10, 5000, 'mm')]
        public float $widthMm,
        #[Within(10, 5000, 'mm')]
        public float $heightMm,
        #[Within(1, 10_000, 'mm')]
        public float $nowMm,
        #[Within(0.1, 86_400, 's')]
        public float $seconds,
        #[Within(0, 5000, 'mm')]
        public float $sourceMm = 100.0,
        public Contact $contact = Contact::Vacuum,
        #[Within(0, 20, 'mm')]
        public ?float $gapMm = null,
        #[Within(1, 99, '%')]
        public float $evenPct = 100 * LampDistance::EVEN_FROM,
        #[Bounded(Quantity::LampDistance)]
        public ?float $distanceMm = null,
    ) {
    }

    public function chosen(): LampDistance
    {
        return $this->distanceMm === null
            ? LampDistance::choose($this->widthMm, $this->heightMm, $this->nowMm, $this->seconds, $this->gap(), $this->sourceMm, evenFrom: $this->evenPct / 100)
            : $this->at($this->distanceMm);
    }

    /** @return list<LampDistance> nearer and further */
    public function others(): array
    {
        $chosen = $this->chosen()->distanceMm;

        return array_map(fn (float $share): LampDistance => $this->at(round($chosen * $share)), [0.5, 0.75, 1.25, 1.5]);
    }

    private function at(float $distanceMm): LampDistance
    {
        return LampDistance::at($distanceMm, $this->widthMm, $this->heightMm, $this->nowMm, $this->seconds, $this->gap(), sourceMm: $this->sourceMm);
    }

    private function gap(): float
    {
        return $this->gapMm ?? $this->contact->gapMm();
    }
}
