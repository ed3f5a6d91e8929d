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

    public function under(Lamp|Emulsion $one): int
    {
        return $this->shelf()->count([$one instanceof Lamp ? 'lamp' : 'emulsion' => $one]);
    }
}
