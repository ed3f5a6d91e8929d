<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Reckoning\SurpriseOfTest;
use Ektype\App\Query\Shelves\StepTestOnShelf;

/** The light of each plate, and the tests that it rests on. */
final readonly class LightBench
{
    /**
     * @param string                $lamp      of the job; empty where none is chosen
     * @param list<StepTestOnShelf> $tests     of this lamp and emulsion, latest first
     * @param list<SurpriseOfTest>  $surprises how well each agrees with the others
     * @param list<BatchUnderLight> $batches   screens not burned yet that go under the lamp together, the longest first
     * @param string                $film      its screens are burned through, as exposure knows it; empty for clear film
     * @param string                $due       why the lamp wants a new test; empty where it does not
     * @param string                $device    the lamp whose timer can be started from here, as it is called
     * @param list<LightOfPlate>    $plates    in print order
     */
    public function __construct(
        public string $lamp,
        public string $emulsion,
        public array $tests,
        public array $surprises,
        public array $batches,
        public bool $oneTime,
        public bool $withoutFilm,
        public string $film,
        public string $due,
        public string $device,
        public array $plates,
    ) {
    }
}
