<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** What is said of a method where it is chosen, printed and looked at: plain sentences at the class of its plan. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class SaysOfItself
{
    /**
     * @param string $why     what it makes of art that it is for, with %d for its plates
     * @param string $whyNot  of art that it is not for; empty where that reads the same
     * @param string $note    how it is printed; empty where its fields say it
     * @param string $carries what one of its plates carries
     * @param string $beware  what could go wrong; empty for nothing
     * @param string $order   why a plate of colour prints at its place, where the method says so
     */
    public function __construct(
        public string $why,
        public string $whyNot = '',
        public string $note = '',
        public string $carries = '',
        public string $beware = '',
        public string $order = '',
    ) {
    }
}
