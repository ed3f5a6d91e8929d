<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Beside;

/** A way in which this art could become plates, what it would look like on this garment, and what it takes. */
final readonly class MethodOffer implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param bool         $fits  whether it suits the art
     * @param string       $why   a plain sentence
     * @param list<string> $risks what could go wrong
     * @param string       $key   of its picture: another key is another picture; empty where there is none
     */
    public function __construct(
        public MethodName $method,
        public string $title,
        public bool $fits,
        public bool $followed,
        public string $why,
        #[Beside]
        public CostOfWay $cost,
        #[Beside]
        public OffTheArt $off,
        public array $risks,
        public string $key,
    ) {
    }
}
