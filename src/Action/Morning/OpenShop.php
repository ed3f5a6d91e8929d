<?php

declare(strict_types=1);

namespace Ektype\App\Action\Morning;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\Shelves\OnlyOne;
use Ektype\App\Action\Shelves\PutFrames;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Morning\FilmSource;
use Ektype\Core\Morning\Prints;
use Ektype\Core\Registration\KnobLayout;
use Ektype\Core\Screen\Tension;

/**
 * The first morning: from six answers a shop stands. Every entry is as usual, and marked so until somebody measures it. What
 * stands on the shelves already stays.
 */
final readonly class OpenShop implements Change
{
    /** Usual thickness of a capillary film, µm. */
    private const USUAL_FILM_UM = 30.0;
    private const USUAL_CENTRE_MM = 270.0;

    /**
     * @param list<FramesWanted> $frames
     * @param EmulsionKind|null  $second that stands beside the first; null where one is enough
     */
    public function __construct(
        private Prints $prints,
        private PressKind $press,
        private int $heads,
        private int $platens,
        private KnobLayout $knobs,
        private LampKind $lamp,
        private EmulsionKind $emulsion,
        private array $frames,
        private float $insideWidthMm,
        private float $insideHeightMm,
        private FilmSource $films,
        private ?EmulsionKind $second = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        if ($shop->printing->presses->count() + $shop->light->lamps->count() + $shop->light->emulsions->count() + $shop->screens->frames->count() > 0) {
            throw Refused::because('This shop stands already: its press, lamp or frames are on their shelves. Add to them there; nothing was put over what you have.');
        }
        foreach ($this->prints->inks() as $usual) {
            if ($shop->printing->inks->named($usual->name) === null) {
                $ink = new Ink($usual->name, $usual->hex, $usual->kind, $usual->hiding);
                $ink->assumed = true;
                $shop->printing->inks->add($ink);
            }
        }
        $lamp = new Lamp(ucfirst($this->lamp->says()), $this->lamp, 0.0);
        $emulsion = self::emulsion($this->emulsion);
        $press = new Press(
            match ($this->press) {
                PressKind::Rotary => \sprintf('Press, %d %s', $this->heads, $this->heads === 1 ? 'head' : 'heads'),
                PressKind::Automatic => \sprintf('Automatic, %d %s', $this->heads, $this->heads === 1 ? 'head' : 'heads'),
                PressKind::Hinge => 'Hinge table',
                PressKind::LongTable => 'Long table',
            },
            $this->press,
            $this->heads,
            $this->platens,
            $this->knobs->knobs(self::USUAL_CENTRE_MM),
            $this->press === PressKind::Rotary,
            centreFromEndMm: self::USUAL_CENTRE_MM,
        );
        $as = $this->films->printer();
        $printer = new FilmPrinter($as->name, $as->dpi, $as->mediaWidthMm, $as->sheetLengthMm, $as->feedMarginMm, null, medium: $as->medium);
        foreach ([$lamp, $emulsion, $press, $printer] as $tool) {
            $tool->assumed = true;
        }
        $shop->light->lamps->add($lamp);
        $shop->light->emulsions->add($emulsion);
        $shop->printing->presses->add($press);
        $shop->printing->filmPrinters->add($printer);
        foreach ([$lamp, $emulsion, $press, $printer] as $tool) {
            OnlyOne::taken($shop, $tool);
        }
        if ($this->second !== null && $this->second !== $this->emulsion) {
            $shop->light->emulsions->add(self::emulsion($this->second));
        }
        foreach ($this->frames as $i => $wanted) {
            try {
                (new PutFrames($wanted->count, $wanted->mesh, $this->insideWidthMm, $this->insideHeightMm, Tension::USUAL))->carryOut($shop);
            } catch (Refused $not) {
                throw $not->within(\sprintf('frames[%d]', $i));
            }
        }

        return 'First morning of the shop';
    }

    private static function emulsion(EmulsionKind $kind): Emulsion
    {
        $emulsion = new Emulsion(ucfirst($kind->says()), $kind);
        $emulsion->filmUm = $kind === EmulsionKind::CapillaryFilm ? self::USUAL_FILM_UM : null;
        $emulsion->assumed = true;

        return $emulsion;
    }
}
