<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Exposure\SinkSign;
use Ektype\Core\Unit\Beside;

/** The lists of the trade that pages offer: they stand in the core, once. */
final readonly class TradeLists implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<string>       $substrates
     * @param list<string>       $garments      what is usually printed on
     * @param list<string>       $places        where on it
     * @param list<string>       $filmFormats
     * @param list<RulingSchool> $rulingSchools
     * @param list<float>        $edgeFrom      threads per inch from which the schools take the sharp edge
     * @param list<SinkSign>     $sinkSigns
     * @param list<string>       $sizes         of garments, as they are usually ordered
     */
    public function __construct(
        public array $substrates,
        public array $garments,
        public array $places,
        #[Beside]
        public KindsOfThings $kinds,
        public array $filmFormats,
        public array $rulingSchools,
        public array $edgeFrom,
        public array $sinkSigns,
        public array $sizes,
    ) {
    }
}
