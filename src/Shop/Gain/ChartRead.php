<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Gain;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Halftone\GainSetting;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Ink\InkKind;

/** A gain chart that was printed and read: what this press makes of tones at one setting. */
#[ORM\Entity]
class ChartRead
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: true, onDelete: 'SET NULL')]
    public ?Press $press;
    #[ORM\Column(nullable: true)]
    public ?float $threadsPerCm;
    #[ORM\Column(length: 20, nullable: true)]
    public ?InkKind $ink;
    #[ORM\Column]
    public float $lpi;
    #[ORM\Column]
    public int $strokes;
    /** @var list<array{float, float}> tone on film and tone printed, 0–1 */
    #[ORM\Column]
    private array $readings;

    /**
     * @param list<ReadTone> $readings
     * @param string|null    $device   that printed and read it, where it was no hand: a stand-in says that it is simulated
     */
    public function __construct(
        GainSetting $setting,
        ?Press $press,
        array $readings,
        #[ORM\Column(length: 10)]
        public string $readOn,
        #[ORM\Column(length: 60, nullable: true)]
        public ?string $device = null,
    ) {
        $this->press = $press;
        $this->threadsPerCm = $setting->threadsPerCm;
        $this->ink = $setting->ink;
        $this->lpi = $setting->lpi;
        $this->strokes = $setting->strokes;
        $this->readings = array_map(static fn (ReadTone $r): array => [$r->film, $r->printed], $readings);
    }

    public function setting(): GainSetting
    {
        return new GainSetting($this->press?->id, $this->threadsPerCm, $this->ink, $this->lpi, $this->strokes);
    }

    public function gain(): PressGain
    {
        return new PressGain(array_map(static fn (array $r): ReadTone => new ReadTone($r[0], $r[1]), $this->readings));
    }
}
