<?php

declare(strict_types=1);

namespace Ektype\App\Query\Films;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Separation\DrawnSheets;

/** The bench of the films. */
final readonly class SeeFilms
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): FilmsBench
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): FilmsBench {
            $job = $shop->shelves->jobs->whole($jobId);
            $plates = $job->platesInOrder();
            $sheets = $job->spotPlan()->positives;
            $pngs = $job->filmsAreCurrent() && \in_array('png', $job->filmFormats, true);

            return new FilmsBench(
                $job->filmPrinter?->id,
                $job->filmProfile()->densitySentence(),
                $job->filmProfile()->dpi,
                $job->filmFormats,
                $job->stepWedge,
                $job->filmMirrored,
                $job->filmNegative,
                $job->filmCopies,
                $sheets === [] ? null : $job->drawnSheets,
                sheetsSay: $job->drawnSheets ? DrawnSheets::says($sheets) : [],
                filmSet: $job->filmSet(),
                marks: $job->filmSheet(\count($plates))->marks(),
                plates: array_map(
                    static fn (Plate $p, int $i): FilmOfPlate => new FilmOfPlate(
                        $p->idOrFail(),
                        $pngs ? FilmPlate::fileName($i + 1, $p->name) : null,
                    ),
                    $plates,
                    array_keys($plates),
                ),
            );
        });
    }
}
