<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Method\Spot\SpotSeparation;

/** Which part of the art is printed, and how large. Width and height hang together: where both are told, the width leads. */
final readonly class SizePrint implements Change
{
    public function __construct(
        private int $jobId,
        private ?float $widthMm = null,
        private ?float $heightMm = null,
        private ?ArtFraming $framing = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        if ($this->framing !== null) {
            $job->frame($this->framing);
        }
        if ($this->widthMm !== null) {
            $job->widthMm = $this->widthMm;
        } elseif ($this->heightMm !== null) {
            $job->widthMm *= $this->heightMm / $job->heightMm();
        }
        if ($job->widthMm > SpotSeparation::WIDEST_MM) {
            throw Refused::at('height', \sprintf('At that height the print would be %.0f mm wide; %.0f mm is the most that any film and frame here could hold. Make it lower.', $job->widthMm, SpotSeparation::WIDEST_MM));
        }

        return ($this->framing !== null ? 'Framing of the art of ' : 'Print size of ').$job->name;
    }
}
