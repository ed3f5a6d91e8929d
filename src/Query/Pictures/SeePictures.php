<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Plates\SeeCosts;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Plate\Plates;
use Ektype\App\Work\First\FirstPull;
use Ektype\App\Work\First\FirstPulls;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Unit\Point;

/** The pictures of a job: its pull, its films, a loupe over them, and what prints where. */
final readonly class SeePictures
{
    public function __construct(
        private Jobs $jobs,
        private Plates $plates,
        private Pull $pull,
        private Loupe $loupe,
        private ShiftedPrint $shifted,
        private ToneMap $tones,
        private Moment $moment,
        private FirstPulls $first,
        private string $shopData,
    ) {
    }

    public function pull(int $jobId, int $stop): string
    {
        return $this->pull->after($this->jobs->whole($jobId), $stop);
    }

    /** The print and its plates at the size of the screen, while those for film are still to come. */
    public function firstPull(int $jobId): FirstPull
    {
        return $this->first->of($this->jobs->whole($jobId));
    }

    public function firstPicture(int $jobId, string $key): string
    {
        return $this->first->picture($this->jobs->whole($jobId), $key);
    }

    /** Where a plate’s dots are lost or fill on its mesh. */
    public function dotsNotHeld(int $plateId): string
    {
        return $this->moment->see(function (Snapshot $shop) use ($plateId): string {
            $plate = $shop->shelves->plates->get($plateId);

            return $this->tones->picture($plate, (new ScreenBook($plate->job, $shop))->meshOf($plate));
        });
    }

    public function film(int $plateId, string $tint): string
    {
        return $this->pull->film($this->plates->get($plateId), $tint);
    }

    /** A film as the light table read it back from its file. */
    public function readBack(int $jobId, int $film, string $tint): string
    {
        return $this->pull->readBack($this->jobs->whole($jobId), $film, Loupe::tint(Srgb::fromHex($tint))->hex());
    }

    /** The print with the best so many inks. */
    public function withInks(int $jobId, int $inks): string
    {
        $job = $this->jobs->whole($jobId);
        foreach (SeeCosts::reckoner($job)->ranked() as $row) {
            if ($row->inks === $inks) {
                $plates = SeeCosts::inks($job);
                $becomes = [];
                foreach ($row->becomes as $i => $into) {
                    $becomes[$plates[$i]->idOrFail()] = $into === null ? null : [$plates[$into], $row->tones[$i] ?? 1.0];
                }

                return $this->pull->withFewer($job, $becomes);
            }
        }
        throw new NotHere();
    }

    public function loupe(int $jobId, Point $at, float $mm, ?PlateOff $off): string
    {
        return $this->loupe->ofPrint($this->jobs->whole($jobId), $at, $mm, $off);
    }

    /** How far the print’s colours change by a plate that is off. */
    public function shift(int $jobId, PlateOff $off): ShiftSeen
    {
        return $this->shifted->of($this->jobs->whole($jobId), $off);
    }

    public function loupeOnFilms(int $jobId, Point $at, float $mm, ?int $alone): string
    {
        return $this->loupe->ofFilms($this->jobs->whole($jobId), $at, $mm, $alone);
    }

    /** Which plates print at a point of the art: what a finger on the picture picks, a base last. */
    public function platesAt(int $jobId, Point $at): PlatesAt
    {
        $job = $this->jobs->whole($jobId);
        $here = array_values(
            array_filter(array_reverse($job->platesInOrder()), fn (Plate $plate): bool => $this->prints($job, $plate, $at)),
        );
        usort($here, static fn (Plate $a, Plate $b): int => $a->isWhiteBase() <=> $b->isWhiteBase());

        return new PlatesAt(array_map(static fn (Plate $p): int => $p->idOrFail(), $here));
    }

    private function prints(Job $job, Plate $plate, Point $at): bool
    {
        $perMm = $job->filmProfile()->dpi / 25.4;
        $row = PlaneFile::window($this->shopData.'/files/'.$job->separationPath.'/'.$plate->drawing.'.plane', (int) ($at->yMm * $perMm), 1);
        $x = (int) ($at->xMm * $perMm);

        return $row->height === 1 && $x >= 0 && $x < $row->width && $row->isSet($x, 0);
    }
}
