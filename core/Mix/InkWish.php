<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** Which inks of the shelf a picture is to be printed in, as far as it was said. */
final readonly class InkWish
{
    /**
     * @param list<int>|null $inks      their numbers, base and highlight not among them; null lets them be chosen
     * @param int|null       $screens   all of them, base and highlight too; null takes as many as are worth it
     * @param list<int>      $locked    chosen in any case
     * @param list<int>      $forbidden never chosen
     * @param BaseWay|null   $base      null goes by the garment
     */
    public function __construct(
        public ?array $inks = null,
        public ?int $screens = null,
        public array $locked = [],
        public array $forbidden = [],
        public ?BaseWay $base = null,
        public bool $highlight = false,
    ) {
    }

    /** @param list<int> $inks */
    public function exactly(array $inks): self
    {
        return new self($inks, null, $this->locked, $this->forbidden, $this->base, $this->highlight);
    }
}
