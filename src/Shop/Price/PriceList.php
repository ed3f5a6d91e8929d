<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Price;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Plan\Codec;
use Ektype\Core\Estimate\Rates;

/** What things cost in the shop. A shop has one. */
#[ORM\Entity]
class PriceList
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** @var array<string, mixed> what was written over the usual */
    #[ORM\Column(options: ['default' => '{}'])]
    private array $rates = [];

    public function rates(): Rates
    {
        return Codec::read(Rates::class, $this->rates);
    }

    public function write(Rates $rates): void
    {
        $this->rates = Codec::written($rates);
    }
}
