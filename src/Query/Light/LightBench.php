<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Shelves\StepTestOnShelf;

/** The light of each plate, and the tests that it rests on. */
final readonly class LightBench
{
    /**
     * @param string                $lamp   of the job; empty where none is chosen
     * @param list<StepTestOnShelf> $tests  of this lamp and emulsion, latest first
     * @param list<LightOfPlate>    $plates in print order
     */
    public function __construct(public string $lamp, public string $emulsion, public array $tests, public array $plates)
    {
    }
}
