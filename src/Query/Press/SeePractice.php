<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Registration\Repeating;
use Ektype\Core\Registration\VirtualPress;

/** A four-colour job to register on a press that is not there. */
final readonly class SeePractice
{
    private const PLATES = ['Gold', 'Teal', 'Rust'];
    private const TOLERANCE_MM = 0.15;
    private const SCATTER_MM = 0.04;
    private const MOST_PULLS = 12;
    private const PIECES = 3;

    /** @param list<list<list<float>>> $turns each pull: for each plate, turns of each knob */
    public function pull(int $seed, array $turns): PracticePull
    {
        $press = new VirtualPress($seed, VirtualPress::usualKnobs(), \count(self::PLATES));
        $read = self::pieces($press, $turns);

        return new PracticePull(
            \count($turns) + 1,
            array_map(static fn (string $name, int $i): PracticePlate => new PracticePlate(
                $name,
                (new Readings($read[$i]))->means,
                max(0.0, ...array_map(static fn (Reading $r): float => $r->offMm(), (new Readings($read[$i]))->means)),
                self::fits($press, $i, $turns),
                self::advice($read[$i]),
            ), self::PLATES, array_keys(self::PLATES)),
            self::TOLERANCE_MM,
            self::solvers($press),
            self::all($press, $turns),
        );
    }

    /**
     * @param list<list<Reading>> $read of each piece
     *
     * @return list<KnobTurn>
     */
    private static function advice(array $read): array
    {
        $readings = new Readings($read);

        return RegistrationSolver::mend($readings, MisfitFit::of($readings), VirtualPress::usualKnobs(), Repeating::of($read, self::SCATTER_MM))->turns;
    }

    /**
     * Three pieces a pull: what repeats on them is the press, the rest is loading.
     *
     * @param list<list<list<float>>> $turns
     *
     * @return list<list<list<Reading>>> by plate, by piece
     */
    private static function pieces(VirtualPress $press, array $turns): array
    {
        $pieces = array_map(static fn (int $piece): array => $press->print($turns, $piece), range(0, self::PIECES - 1));

        return array_map(static fn (int $plate): array => array_map(static fn (array $piece): array => $piece[$plate], $pieces), array_keys(self::PLATES));
    }

    private static function solvers(VirtualPress $press): int
    {
        $turns = [];
        for ($pull = 1; $pull <= self::MOST_PULLS; ++$pull) {
            if (self::all($press, $turns)) {
                return $pull;
            }
            $turns[] = array_map(static fn (array $read): array => array_map(static fn (KnobTurn $t): float => round($t->turns, 3), self::advice($read)), self::pieces($press, $turns));
        }

        return 0;
    }

    /** @param list<list<list<float>>> $turns */
    private static function all(VirtualPress $press, array $turns): bool
    {
        foreach (array_keys(self::PLATES) as $i) {
            if (!self::fits($press, $i, $turns)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<list<list<float>>> $turns */
    private static function fits(VirtualPress $press, int $plate, array $turns): bool
    {
        return VirtualPress::worst($press->lies($plate, $turns)) <= self::TOLERANCE_MM;
    }
}
