<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Light\BurnScreen;
use Ektype\App\Action\Light\LookAtScreen;
use Ektype\App\Action\Light\TickCard;
use Ektype\App\Action\Light\WasNotBurned;
use Ektype\App\Action\Plates\DescribePlate;
use Ektype\App\Action\Press\ReadMarks;
use Ektype\App\Action\Screens\GaugeStencil;
use Ektype\App\Action\Screens\GiveFrame;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Unit\Beside;
use Symfony\Component\Validator\Constraints as Assert;

/** A change to a plate: its name, ink, frame, what was gauged, burned, seen or read; what is not named stays. */
final readonly class PlatePatch
{
    /**
     * @param int|null             $frameId       0 gives the frame back
     * @param float|null           $gaugedEomUm   0 forgets the reading
     * @param float|null           $burnedSeconds 0: it was not burned after all
     * @param list<MarksRead>|null $prints        what was read of each strike-off; none forgets them
     * @param int|null             $printsKnown   how many of them stood there before; what another hand added since stays
     */
    public function __construct(
        #[Words(80)]
        public ?string $name = null,
        public ?int $inkId = null,
        public ?int $frameId = null,
        #[Within(0, 300, 'µm')]
        public ?float $gaugedEomUm = null,
        #[Within(0, 7200, 's')]
        public ?float $burnedSeconds = null,
        #[Beside, Assert\Valid]
        public PlateDots $dots = new PlateDots(),
        #[Assert\Valid]
        public ?Tick $beforeLight = null,
        #[Assert\Valid]
        public ?Seen $sinkCheck = null,
        #[Assert\Valid]
        public ?array $prints = null,
        #[Within(0, 100)]
        public ?int $printsKnown = null,
    ) {
    }

    /**
     * @return non-empty-list<Change>
     *
     * @throws UnreadableRequest where it names nothing
     */
    public function changes(int $plate): array
    {
        $changes = array_values(array_filter([
            $this->name === null && $this->inkId === null ? null : new DescribePlate($plate, $this->name, $this->inkId),
            $this->frameId === null ? null : new GiveFrame($plate, $this->frameId === 0 ? null : $this->frameId),
            $this->gaugedEomUm === null ? null : new GaugeStencil($plate, $this->gaugedEomUm > 0 ? $this->gaugedEomUm : null),
            ...$this->dots->changes($plate),
            $this->beforeLight === null ? null : new TickCard($plate, $this->beforeLight->done, $this->beforeLight->on),
            match (true) {
                $this->burnedSeconds === null => null,
                $this->burnedSeconds > 0 => new BurnScreen($plate, $this->burnedSeconds),
                default => new WasNotBurned($plate),
            },
            $this->sinkCheck === null ? null : new LookAtScreen($plate, $this->sinkCheck->check()),
            $this->prints === null ? null : new ReadMarks(
                $plate,
                array_map(static fn (MarksRead $print): array => $print->readings(), $this->prints),
                array_map(static fn (MarksRead $print): ?int => $print->platen, $this->prints),
                $this->printsKnown,
            ),
        ]));

        return $changes === [] ? throw UnreadableRequest::because('The change names no field of the plate, so nothing was changed.') : $changes;
    }
}
