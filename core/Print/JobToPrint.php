<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Registration\RegisterWay;
use Ektype\Core\Separation\MethodName;

/** A job of which the law decides how it is printed. */
final readonly class JobToPrint
{
    /**
     * @param list<PlateToPrint> $plates in print order
     * @param bool               $pull   whether strokes come towards the operator
     * @param list<DragSeen>     $drags  what strike-offs on this press have shown
     * @param int                $pieces of the run
     * @param int|null           $keyId  number of the plate that the others are brought to; null takes the first
     */
    public function __construct(
        public array $plates,
        public Cloth $cloth,
        public PressAtHand $press,
        public MethodName $method,
        public SizeOfPrint $size,
        public bool $pull = true,
        public RegisterWay $registerWay = RegisterWay::Films,
        public array $drags = [],
        public int $pieces = 1,
        private ?int $keyId = null,
    ) {
    }

    /** The place of the plate that the others are brought to: the one that was chosen, else the first. */
    public function key(): int
    {
        foreach ($this->plates as $i => $plate) {
            if ($plate->id === $this->keyId) {
                return $i;
            }
        }

        return 0;
    }

    /**
     * The same screens on another cloth, some of them left up.
     *
     * @param list<PlateToPrint> $plates
     */
    public function on(Cloth $cloth, array $plates, int $pieces): self
    {
        return new self($plates, $cloth, $this->press, $this->method, $this->size, $this->pull, registerWay: $this->registerWay, drags: $this->drags, pieces: $pieces, keyId: $this->keyId);
    }

    /**
     * The same plates in another order, flashed after these and no others.
     *
     * @param list<int> $order      places of all plates
     * @param list<int> $flashAfter of them
     */
    public function inOrder(array $order, array $flashAfter): self
    {
        return $this->on($this->cloth, array_map(fn (int $i): PlateToPrint => $this->plates[$i]->flashed(\in_array($i, $flashAfter, true)), $order), $this->pieces);
    }
}
