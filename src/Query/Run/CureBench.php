<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Cure\CurePlan;
use Ektype\Core\Cure\CureVerdict;
use Ektype\Core\Cure\ProbeLog;

/** The bench of the cure. */
final readonly class CureBench
{
    /**
     * @param list<DryerOnShelf> $dryers
     * @param int|null           $dryer    that it goes through; null where none is on the shelf and a usual one is reckoned with
     * @param string             $ink      that asks most
     * @param float              $filmUm   its thickest film as it stands
     * @param CurePlan|null      $plan     null where no ink of it cures in a dryer
     * @param list<string>       $cautions
     * @param ProbeLog|null      $log      a probe that was read just now
     * @param string             $rhythm   what the belt lets through beside what the press prints
     */
    public function __construct(
        public array $dryers,
        public ?int $dryer,
        public string $ink,
        public float $filmUm,
        public ?CurePlan $plan,
        public string $rhythm,
        public array $cautions,
        public string $probe,
        public WearRecord $wear,
        public ?ProbeLog $log = null,
        public ?CureVerdict $verdict = null,
    ) {
    }
}
