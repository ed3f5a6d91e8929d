<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Separation\MethodName;

/** A way in which this art could become plates, and what it would look like on this garment. */
final readonly class MethodOffer
{
    /**
     * @param bool       $fits   whether it suits the art
     * @param string     $why    a plain sentence
     * @param int|null   $plates how many; null where nobody counted yet
     * @param float|null $deltaE how far the print is from the art in the mean, ΔE00; null where it was not reckoned
     * @param string     $key    of its picture: another key is another picture
     */
    public function __construct(
        public MethodName $method,
        public bool $fits,
        public bool $followed,
        public string $why,
        public ?int $plates,
        public ?float $deltaE,
        public string $key,
    ) {
    }
}
