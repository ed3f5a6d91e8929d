<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

/** What kinds there are of what lies on shelves. */
final readonly class KindsOfThings
{
    /**
     * @param list<string>       $inkKinds
     * @param list<NamedKind>    $lampKinds
     * @param list<NamedKind>    $emulsionKinds
     * @param list<NamedKind>    $flashKinds
     * @param list<NamedKind>    $pressKinds
     * @param list<KnobsOffered> $knobLayouts
     * @param list<string>       $frameStates
     */
    public function __construct(
        public array $inkKinds,
        public array $lampKinds,
        public array $emulsionKinds,
        public array $flashKinds,
        public array $pressKinds,
        public array $knobLayouts,
        public array $frameStates,
    ) {
    }
}
