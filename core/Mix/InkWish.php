<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Unit\Chosen;
use Ektype\Core\Unit\Settles;

/** Which inks of the shelf a picture is to be printed in, as far as it was said. */
final readonly class InkWish implements Settles
{
    /**
     * @param list<int>|null $inks      their numbers, base and highlight not among them; null lets them be chosen
     * @param int|null       $screens   all of them, base and highlight too; null takes as many as are worth it
     * @param list<int>      $locked    chosen in any case
     * @param list<int>      $forbidden never chosen
     * @param BaseWay|null   $base      null goes by the garment
     */
    public function __construct(
        #[Chosen('inks', 'ink', 0, 12, 'by the picture', option: 'only')]
        public ?array $inks = null,
        #[Chosen('screens', '', 1, 14, 'as many as are worth it', option: 'plates')]
        public ?int $screens = null,
        #[Chosen('locked inks', 'ink', 0, 12)]
        public array $locked = [],
        #[Chosen('inks never taken', '', 0, 60)]
        public array $forbidden = [],
        #[Chosen('base', automatic: 'by the garment')]
        public ?BaseWay $base = null,
        #[Chosen('a highlight white, last, over flashed ink')]
        public bool $highlight = false,
    ) {
    }

    /** @param list<int> $inks */
    public function exactly(array $inks): self
    {
        return new self($inks, null, $this->locked, $this->forbidden, $this->base, $this->highlight);
    }

    /**
     * These in any case too.
     *
     * @param list<int> $inks
     */
    public function locking(array $inks): self
    {
        return $inks === [] ? $this : new self($this->inks === null ? null : array_values(array_unique([...$this->inks, ...$inks])), $this->screens, array_values(array_unique([...$this->locked, ...$inks])), array_values(array_diff($this->forbidden, $inks)), $this->base, $this->highlight);
    }

    /** Inks that do not keep to what is asked now are chosen anew; who names the inks names how many. */
    public function after(Settles $before): static
    {
        $named = $this->inks !== $before->inks;
        $keeps = $this->inks !== null && array_diff($this->locked, $this->inks) === [] && array_intersect($this->forbidden, $this->inks) === [];
        $asked = $this->screens !== null && $this->screens !== $before->screens;

        return new static(
            $this->inks === [] || (!$named && ($asked || !$keeps)) ? null : $this->inks,
            $named && !$asked ? null : $this->screens,
            $this->locked,
            $this->forbidden,
            $this->base,
            $this->highlight,
        );
    }
}
