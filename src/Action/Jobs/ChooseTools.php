<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;

/** Which press, lamp and emulsion a job is made with. null leaves a choice as it is. */
final readonly class ChooseTools implements Change
{
    public function __construct(
        private int $jobId,
        private ?int $pressId = null,
        private ?int $lampId = null,
        private ?int $emulsionId = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $what = [];
        if ($this->pressId !== null) {
            $job->press = $shop->printing->presses->find($this->pressId) ?? throw self::missing('press');
            $what[] = 'press';
        }
        if ($this->lampId !== null) {
            $job->lamp = $shop->light->lamps->find($this->lampId) ?? throw self::missing('lamp');
            $what[] = 'lamp';
        }
        if ($this->emulsionId !== null) {
            $job->emulsion = $shop->light->emulsions->find($this->emulsionId) ?? throw self::missing('emulsion');
            $what[] = 'emulsion';
        }

        return ucfirst(implode(', ', $what)).' of '.$job->name;
    }

    private static function missing(string $tool): Refused
    {
        return Refused::at($tool, \sprintf('There is no such %s in the shop. Choose one from its shelf.', $tool));
    }
}
