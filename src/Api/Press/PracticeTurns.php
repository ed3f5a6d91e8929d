<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Request\Within;
use Symfony\Component\Validator\Constraints as Assert;

/** What was turned on the virtual press so far. */
final readonly class PracticeTurns
{
    private const MOST_TURNS = 40;

    /** @param list<list<list<float>>> $turns each pull: for each plate, turns of each knob */
    public function __construct(
        #[Within(1, 1_000_000)]
        public int $seed,
        #[Assert\Count(max: 60, maxMessage: 'has more than 60 pulls. Begin a new game.')]
        public array $turns = [],
    ) {
    }

    /**
     * @return list<list<list<float>>>
     *
     * @throws UnreadableRequest where one is no turn
     */
    public function read(): array
    {
        $read = [];
        foreach ($this->turns as $pull) {
            $plates = [];
            foreach (self::list($pull) as $plate) {
                $knobs = [];
                foreach (self::list($plate) as $turn) {
                    if ((!\is_float($turn) && !\is_int($turn)) || abs($turn) > self::MOST_TURNS) {
                        throw UnreadableRequest::at('turns', \sprintf('A turn of a knob is a number up to %d either way, such as 0.5 or −0.25.', self::MOST_TURNS));
                    }
                    $knobs[] = (float) $turn;
                }
                $plates[] = $knobs;
            }
            $read[] = $plates;
        }

        return $read;
    }

    /** @return list<mixed> */
    private static function list(mixed $of): array
    {
        return \is_array($of) ? array_values($of) : throw UnreadableRequest::at('turns', 'Turns are told as pulls, plates and knobs: [[[0.5, 0, -0.25]]].');
    }
}
