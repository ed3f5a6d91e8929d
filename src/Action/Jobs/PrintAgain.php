<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Screen\ScreenMove;

/**
 * The same print ordered once more: its record, plates and films as they are, and its screens where they still carry the
 * picture. What was read at the marks is not taken over: every set-up lies anew.
 */
final readonly class PrintAgain implements Change
{
    public function __construct(private int $jobId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $of = $shop->jobs->get($this->jobId);
        if ($of->separationPath === null || $of->platesInOrder() === []) {
            throw Refused::because('This job was never separated, so there is nothing of it to print again. Separate it, or copy it.');
        }
        $again = JobLike::of($of, $of->name, $shop->now());
        $again->againOf = $of->id;
        self::uncount($again);
        [$again->separationPath, $again->separationKey] = [$of->separationPath, $of->separationKey];
        $again->found($of->findings());
        [$again->filmsPath, $again->filmsKey] = [$of->filmsPath, $of->filmsKey];
        $again->filmed($of->filmSet());
        $shop->jobs->add($again);
        $copies = [];
        foreach ($of->platesInOrder() as $plate) {
            $copies[] = $copy = $plate->forJob($again);
            $again->plates->add($copy);
        }
        $shop->settle();
        $this->takeScreens($of, $copies, $shop);

        return $of->name.' again';
    }

    /** How many the order before was is no word of how many this one is. */
    private static function uncount(Job $again): void
    {
        $again->quantity = 0;
        $again->orders(array_map(
            static fn (GarmentLine $line): GarmentLine => new GarmentLine(
                $line->garment,
                $line->colour,
                $line->hex,
                array_map(static fn (SizeCount $size): SizeCount => new SizeCount($size->size, 0), $line->sizes),
            ),
            $again->lines(),
        ));
    }

    /**
     * A frame that stands in the rack with the picture of a plate on it serves the same plate of the new job.
     *
     * @param list<Plate> $copies
     */
    private function takeScreens(Job $of, array $copies, ShopFloor $shop): void
    {
        foreach ($of->platesInOrder() as $i => $plate) {
            // What the first order still prints with stays where it is.
            if ($plate->frame !== null) {
                continue;
            }
            foreach ($shop->screens->stencils->burnedFor($plate) as $stencil) {
                $frame = $stencil->frame;
                if ($stencil->carriesOldPicture() || $shop->plates->on($frame) !== null || !$frame->state->allows(ScreenMove::TakeUp)) {
                    continue;
                }
                $stencil->carryOnFor($copies[$i]);
                $copies[$i]->standOn($frame);
                $frame->state = $frame->state->after(ScreenMove::TakeUp);
                $shop->note($frame, \sprintf('Taken up again by %s of %s, burned as it is', $plate->name, $of->name));
                break;
            }
        }
    }
}
