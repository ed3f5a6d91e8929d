<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Plate\Plate;

/** The bench of the press. */
final readonly class SeePress
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): PressBench
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): PressBench {
            $job = $shop->shelves->jobs->whole($jobId);
            $register = new RegisterBook($job);

            return new PressBench(
                $job->toleranceSet,
                $register->marks(),
                array_map(static fn (Plate $p): PlateOnPress => new PlateOnPress($p->idOrFail(), $register->of($p), self::mind($p, $shop)), $job->platesInOrder()),
            );
        });
    }

    private static function mind(Plate $plate, Snapshot $shop): string
    {
        $on = $shop->stencilOf($plate);

        return match (true) {
            $on?->carriesOldPicture() === true => $shop->stencilBook()->now($on)->mind,
            $plate->wasReadOfAnother() => 'These readings are of the picture before the last change. Print a strike-off with the new screen and read it again.',
            default => '',
        };
    }
}
