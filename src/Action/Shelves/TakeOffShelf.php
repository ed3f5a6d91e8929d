<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;

/** Takes a thing off its shelf. What is in use, or what something was learned from, stays. */
final readonly class TakeOffShelf implements Change
{
    public function __construct(private ShelfKind $kind, private int $id)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $shelf = match ($this->kind) {
            ShelfKind::Inks => $shop->printing->inks,
            ShelfKind::Frames => $shop->screens->frames,
            ShelfKind::Lamps => $shop->light->lamps,
            ShelfKind::Emulsions => $shop->light->emulsions,
            ShelfKind::Presses => $shop->printing->presses,
            ShelfKind::Printers => $shop->printing->filmPrinters,
            ShelfKind::Meshes => $shop->screens->ownMeshes,
        };
        if ($shelf->find($this->id) === null) {
            throw Refused::because('It is not on the shelf any more.');
        }

        return match ($this->kind) {
            ShelfKind::Inks => $this->ink($shop),
            ShelfKind::Frames => $this->frame($shop),
            ShelfKind::Lamps => $this->lamp($shop),
            ShelfKind::Emulsions => $this->emulsion($shop),
            ShelfKind::Presses => $this->press($shop),
            ShelfKind::Printers => $this->printer($shop),
            ShelfKind::Meshes => $this->mesh($shop),
        };
    }

    private function ink(ShopFloor $shop): string
    {
        $ink = $shop->printing->inks->get($this->id);
        self::notHeld($shop->plates->in($ink));
        $shop->printing->inks->remove($ink);

        return 'Ink '.$ink->name.' taken off';
    }

    private function frame(ShopFloor $shop): string
    {
        $frame = $shop->screens->frames->get($this->id);
        self::notHeld($shop->plates->on($frame));
        $shop->screens->frames->remove($frame);

        return 'Frame '.$frame->label.' taken off';
    }

    private function lamp(ShopFloor $shop): string
    {
        $lamp = $shop->light->lamps->get($this->id);
        self::taughtNothing($shop, $lamp);
        $shop->light->lamps->remove($lamp);

        return 'Lamp '.$lamp->name.' taken off';
    }

    private function emulsion(ShopFloor $shop): string
    {
        $emulsion = $shop->light->emulsions->get($this->id);
        self::taughtNothing($shop, $emulsion);
        $shop->light->emulsions->remove($emulsion);

        return 'Emulsion '.$emulsion->name.' taken off';
    }

    private function press(ShopFloor $shop): string
    {
        $press = $shop->printing->presses->get($this->id);
        self::restsOnIt(0, 0, $shop->jobs->using($press));
        $shop->printing->presses->remove($press);

        return 'Press '.$press->name.' taken off';
    }

    private function printer(ShopFloor $shop): string
    {
        $printer = $shop->printing->filmPrinters->get($this->id);
        self::restsOnIt(0, 0, $shop->jobs->using($printer));
        $shop->printing->filmPrinters->remove($printer);

        return 'Film printer '.$printer->name.' taken off';
    }

    private function mesh(ShopFloor $shop): string
    {
        $own = $shop->screens->ownMeshes->get($this->id);
        foreach ($shop->screens->frames->carrying($own->mesh()) as $frame) {
            $frame->sheetOpeningUm = $frame->sheetThicknessUm = null;
        }
        $shop->screens->ownMeshes->remove($own);

        return 'Mesh '.$own->mesh()->name.' taken off';
    }

    private static function notHeld(?Plate $holder): void
    {
        if ($holder !== null) {
            throw Refused::because(\sprintf('%s of %s still uses it. Give that plate another first.', $holder->name, $holder->job->name));
        }
    }

    private static function taughtNothing(ShopFloor $shop, Lamp|Emulsion $one): void
    {
        self::restsOnIt($shop->light->stepTests->under($one), $shop->screens->stencils->of($one), $shop->jobs->using($one));
    }

    private static function restsOnIt(int $tests, int $stencils, int $jobs): void
    {
        $resting = array_filter(['step test' => $tests, 'stencil' => $stencils, 'job' => $jobs], static fn (int $many): bool => $many > 0);
        if ($resting === []) {
            return;
        }
        $said = array_map(
            static fn (string $what, int $many): string => \sprintf('%d %s%s', $many, $what, $many === 1 ? '' : 's'),
            array_keys($resting),
            $resting,
        );
        $last = array_pop($said);
        throw Refused::because(\sprintf(
            '%s %s on it, so it stays: %s',
            $said === [] ? $last : implode(', ', $said).' and '.$last,
            array_sum($resting) === 1 ? 'rests' : 'rest',
            $tests + $stencils > 0 ? 'what was learned would be lost.' : 'give the job another first.',
        ));
    }
}
