<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Trial;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Plan\Codec;
use Ektype\Core\Cure\WearTest;
use Ektype\Core\Ink\InkTried;

/** A trial as it was told: kept once, never changed. */
#[ORM\Entity]
class Trial
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: 10)]
    public TrialKind $kind;

    /** @var array<string, mixed> */
    #[ORM\Column]
    private array $told;

    public function __construct(WearTest|InkTried $of)
    {
        $this->kind = $of instanceof WearTest ? TrialKind::Wear : TrialKind::Ink;
        $this->told = Codec::written($of);
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('A trial that is kept has a number.');
    }

    public function wear(): WearTest
    {
        return Codec::read(WearTest::class, $this->told);
    }

    public function ink(): InkTried
    {
        return Codec::read(InkTried::class, $this->told);
    }
}
