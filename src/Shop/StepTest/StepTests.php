<?php

declare(strict_types=1);

namespace Ektype\App\Shop\StepTest;

use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Shelf;

/**
 * The step tests of the shop.
 *
 * @extends Shelf<StepTest>
 */
final readonly class StepTests extends Shelf
{
    protected static function kind(): string
    {
        return StepTest::class;
    }

    /** @return list<StepTest> latest first */
    public function latestFirst(): array
    {
        return $this->asked('SELECT t, l, e FROM '.StepTest::class.' t JOIN t.lamp l JOIN t.emulsion e ORDER BY t.doneOn DESC, t.id DESC');
    }

    /** @return list<StepTest> as they came */
    public function all(): array
    {
        return $this->asked('SELECT t, l, e FROM '.StepTest::class.' t JOIN t.lamp l JOIN t.emulsion e ORDER BY t.id ASC');
    }

    /** @return list<StepTest> of a lamp, with one emulsion or any, latest first */
    public function latestUnder(Lamp $lamp, ?Emulsion $emulsion, int $most): array
    {
        return $this->asked(
            'SELECT t, l, e FROM '.StepTest::class.' t JOIN t.lamp l JOIN t.emulsion e WHERE t.lamp = :lamp AND (:any = 1 OR t.emulsion = :emulsion) ORDER BY t.doneOn DESC, t.id DESC',
            ['lamp' => $lamp, 'any' => $emulsion === null ? 1 : 0, 'emulsion' => $emulsion],
            $most,
        );
    }

    /** How many were made under a lamp with an emulsion after a day. */
    public function since(?Lamp $lamp, ?Emulsion $emulsion, string $day): int
    {
        $count = $this->entities->getConnection()->fetchOne('SELECT COUNT(*) FROM step_test WHERE lamp_id = ? AND emulsion_id = ? AND done_on > ?', [$lamp?->id, $emulsion?->id, $day]);

        return is_numeric($count) ? (int) $count : 0;
    }

    public function under(Lamp|Emulsion $one): int
    {
        return $this->shelf()->count([$one instanceof Lamp ? 'lamp' : 'emulsion' => $one]);
    }
}
