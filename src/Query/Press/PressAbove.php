<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\HeadPlace;
use Ektype\Core\Press\InkSuits;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Registration\RegisterWay;

/** The press as it is set for a job. */
final readonly class PressAbove
{
    /**
     * @param list<HeadShown> $places
     * @param list<string>    $missing heads or flashes that are too few, and what can be done
     * @param bool            $pull    whether strokes come towards the operator
     * @param list<string>    $steps   of registering, in order
     * @param list<string>    $suits   what inks and cloth ask for
     * @param string          $keySays whether it makes a good key
     */
    private function __construct(
        public PressWay $way,
        public int $heads,
        public int $platens,
        public array $places,
        public array $missing,
        public bool $pull,
        public float $seamMm,
        public RegisterWay $registerWay,
        public array $steps,
        public array $suits,
        public string $keySays,
    ) {
    }

    /** @return list<string> of the inks that were chosen */
    private static function suits(JobToPrint $job): array
    {
        $inked = array_values(array_filter($job->plates, static fn (PlateToPrint $p): bool => $p->ink->chosen));

        return InkSuits::says(
            array_map(static fn (PlateToPrint $p): string => $p->name, $inked),
            array_map(static fn (PlateToPrint $p): InkKind => $p->ink->kind, $inked),
            array_map(static fn (PlateToPrint $p): PlateRole => $p->role, $inked),
            $job->cloth->substrate,
        );
    }

    public static function of(PrintPlan $plan, PressWay $way): self
    {
        $job = $plan->job;
        $key = $job->key();
        $names = array_map(static fn (PlateToPrint $p): string => $p->name, $job->plates);
        $roles = array_map(static fn (PlateToPrint $p): PlateRole => $p->role, $job->plates);

        return new self(
            $way,
            $job->press->heads,
            $job->press->platens,
            array_map(static fn (HeadPlace $h): HeadShown => new HeadShown($h->number, $h->plate === null ? null : $job->plates[$h->plate]->id, $h->flash, $h->says), $plan->heads),
            $plan->says,
            $job->pull,
            seamMm: $job->cloth->seamMm,
            registerWay: $job->registerWay,
            steps: $job->registerWay->steps($names[$key], array_values(array_diff_key($names, [$key => true]))),
            suits: self::suits($job),
            keySays: RegisterWay::keySays(
                $names,
                array_map(static fn (PlateRole $role): bool => $role === PlateRole::Base, $roles),
                array_map(static fn (PlateToPrint $p): float => $p->drawn->areaCm2, $job->plates),
                $key,
            ),
        );
    }
}
