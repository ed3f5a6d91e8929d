<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Pictures\Pull;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Press\ImpossibleOrder;
use Ektype\Core\Press\OrderSearch;
use Ektype\Core\Press\OrderTerms;
use Ektype\Core\Press\PlateInOrder;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Press\ScoredOrder;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Refusal;

/** The orders in which a job can print, each with what it does to the print and what it costs. */
final readonly class SeeOrders
{
    public function __construct(private Moment $moment, private Pull $pull)
    {
    }

    /** @throws Refusal where there is nothing to print */
    public function of(int $jobId): OrdersOfJob
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId): OrdersOfJob {
            $book = new ScreenBook($shop->shelves->jobs->whole($jobId), $shop);
            $search = $this->search($book);
            // As it stands with the flashes that its stack shows.
            $flashed = array_column(array_filter($book->steps(), static fn (PrintStep $s): bool => $s->flashAfter), 'plate');
            $now = $search->flashed(array_keys($book->plates), $flashed);
            $schools = [];
            foreach ($search->schools() as $name => $school) {
                $schools[] = self::shown(ucfirst($name), $school, $book, $search);
            }

            return new OrdersOfJob(
                self::shown('As it stands', $now, $book, $search),
                self::shown('Best order', $search->best(), $book, $search),
                $schools,
                $book->job->plan() instanceof SimulatedPlan ? 'Dots are solved for their order: another order separates the art anew.' : '',
            );
        });
    }

    /**
     * @param list<int> $order all plates
     *
     * @throws Refusal where it is no order of them
     */
    public function tried(int $jobId, array $order): OrderShown
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId, $order): OrderShown {
            $book = new ScreenBook($shop->shelves->jobs->whole($jobId), $shop);
            $search = $this->search($book);
            $ids = array_map(static fn (Plate $p): int => $p->idOrFail(), $book->plates);
            $at = array_flip($ids);
            $places = array_map(static fn (int $id): int => $at[$id] ?? -1, $order);

            return self::shown('As you laid it', $search->of($places), $book, $search);
        });
    }

    /** @param list<int> $order */
    public function picture(int $jobId, array $order): string
    {
        return $this->moment->see(fn (Snapshot $shop): string => $this->pull->inOrder($shop->shelves->jobs->whole($jobId), $order));
    }

    private function search(ScreenBook $book): OrderSearch
    {
        if ($book->plates === [] || $book->job->separationPath === null) {
            throw new NotHere();
        }
        if (\count($book->plates) > OrderSearch::MOST_PLATES) {
            throw ImpossibleOrder::at('order', \sprintf('%d plates have more orders than can be tried; up to %d can. Order them by hand below, or print them in two rounds.', \count($book->plates), OrderSearch::MOST_PLATES));
        }
        $contacts = $this->pull->contacts($book->job);

        $plates = array_map(static fn (Plate $p, int $i): PlateInOrder => new PlateInOrder(
            $p->name,
            $p->role,
            $p->lab(),
            $p->coveragePct / 100,
            $p->hiding(),
            $book->mesh($i)->threadsPerCm,
            raised: ($p->ink->kind ?? InkKind::Plastisol)->traits()->isRaised(),
            touches: $contacts->touches[$i],
            overlaps: $contacts->overlaps[$i],
            transparent: $p->isTransparent(),
        ), $book->plates, array_keys($book->plates));
        $method = $book->job->method() ?? MethodName::usual();

        return new OrderSearch($plates, Lab::of(Srgb::fromHex($book->job->garmentHex)), self::flashes($book), new OrderTerms($method->isTonal(), $method->driesBetween()));
    }

    /** One flash serves all stations of a press turned by hand; on an automatic each takes a head. */
    private static function flashes(ScreenBook $book): ?int
    {
        $press = $book->job->press;

        return match (true) {
            $press === null => null,
            $press->flashes === 0 => 0,
            $press->kind->way()->value === 'automatic' => $press->flashes,
            default => null,
        };
    }

    private static function shown(string $name, ScoredOrder $of, ScreenBook $book, OrderSearch $search): OrderShown
    {
        $id = static fn (int $i): int => $book->plates[$i]->idOrFail();

        return new OrderShown(
            $name,
            array_map($id, $of->order),
            array_map($id, $of->flashAfter),
            100 * $of->lifted,
            100 * $of->shifted,
            \count($of->order) + \count($of->flashAfter),
            seconds: PrintLaw::of($book->toPrint()->inOrder($of->order, $of->flashAfter))->rhythm->secondsAPiece,
            cost: $of->cost,
            reasons: $search->reasons($of),
        );
    }
}
