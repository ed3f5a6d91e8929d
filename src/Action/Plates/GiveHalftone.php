<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Plan\Patch;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\Core\Plate\Halftone;

/** Ruling and angle of a plate’s dots. null leaves a thing as it is; a ruling of 0 makes the plate solid. */
final readonly class GiveHalftone implements Change
{
    private const LEAST_LPI = 5.0;

    public function __construct(private int $plateId, private ?float $lpi = null, private ?float $angleDeg = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        if ($this->lpi !== null && $this->lpi > 0 && $this->lpi < self::LEAST_LPI) {
            throw Refused::at(
                'lpi',
                \sprintf('A ruling of %g lines per inch is not printed; 20 to 65 is usual, 0 makes the plate solid.', $this->lpi),
            );
        }
        $plate = $shop->plates->get($this->plateId);
        if ($plate->printsTones()) {
            return $this->ofPicture($plate, $shop);
        }
        if ($plate->job->spotPlan()->colours->tintsOf($plate->artHex) !== []) {
            return $this->ofTints($plate, $shop);
        }
        if ($this->lpi !== null) {
            $plate->lpi = $this->lpi > 0 ? $this->lpi : null;
        }
        $plate->angleDeg = $this->angleDeg ?? $plate->angleDeg;

        return ($this->lpi === 0.0 ? 'Solid, without halftone, ' : 'Halftone of ').$plate->name;
    }

    /** Dots of tints are part of the plan, and those of two inks must be of one ruling and angle: they are drawn anew. */
    private function ofTints(Plate $plate, ShopFloor $shop): string
    {
        if ($this->lpi === 0.0) {
            throw Refused::at('lpi', 'This plate prints another colour as dots: without dots that would be solid. Choose a ruling, or print that colour again on the bench of the art.');
        }
        $job = $plate->job;
        $dots = $job->spotPlan()->tintDots();
        $job->decide($job->spotPlan()->withTintDots(new Halftone($this->lpi ?? $dots->lpi, $this->angleDeg ?? $dots->angleDeg)));
        (new AskForWork($job->idOrFail(), TaskKind::Separate))->carryOut($shop);

        return 'Dots of '.$job->name;
    }

    /** Dots of a picture in tones are part of its plan: all its plates have one ruling and one angle, and are drawn anew. */
    private function ofPicture(Plate $plate, ShopFloor $shop): string
    {
        if ($this->lpi === 0.0) {
            throw Refused::at('lpi', 'This plate prints a picture in tones: without dots there would be none. Choose a ruling, or spot plates on the bench of the art.');
        }
        $job = $plate->job;
        $job->decide((new Patch(['dots' => ['halftone' => array_filter(['lpi' => $this->lpi, 'angleDeg' => $this->angleDeg], static fn (?float $one): bool => $one !== null)]]))->on($job->plan()));
        (new AskForWork($job->idOrFail(), TaskKind::Separate))->carryOut($shop);

        return 'Dots of '.$job->name;
    }
}
