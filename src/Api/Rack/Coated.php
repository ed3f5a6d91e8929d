<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Action\Screens\CoatFrame;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Request\Within;
use Ektype\Core\Screen\Edge;

/** How a frame was coated. */
final readonly class Coated
{
    /** @param string|null $coatedAt local time; now where it is missing */
    public function __construct(
        public ?int $emulsionId = null,
        public ?Edge $edge = null,
        #[Within(0, 10)]
        public ?int $printCoats = null,
        #[Within(0, 10)]
        public ?int $squeegeeCoats = null,
        public bool $driedBetween = false,
        public ?string $coatedAt = null,
    ) {
    }

    public function change(int $frame): CoatFrame
    {
        $at = null;
        if ($this->coatedAt !== null) {
            $at = \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', $this->coatedAt);
            if ($at === false || $at->format('Y-m-d\TH:i') !== $this->coatedAt) {
                throw UnreadableRequest::at(
                    'coatedAt',
                    \sprintf(
                        '“%s” is no time. Write it as year-month-day and hours, such as 2026-11-04T09:30.',
                        mb_strimwidth($this->coatedAt, 0, 30, '…'),
                    ),
                );
            }
        }

        return new CoatFrame($frame, $this->emulsionId, $this->edge, $this->printCoats, $this->squeegeeCoats, $this->driedBetween, coatedAt: $at);
    }
}
