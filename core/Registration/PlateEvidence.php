<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** What is known of a plate beside its readings, as far as it may explain its misfit. */
final readonly class PlateEvidence
{
    /**
     * @param list<list<Reading>> $prints     of the plate
     * @param list<int|null>      $platens    of each print; null where nobody noted it
     * @param float|null          $tension    of its frame, N/cm, and of the key’s
     * @param float               $stretchMm  by which its mesh lands the edge of the print otherwise than the key’s, far side less near side
     * @param float               $heightMm   of the print, along the stroke
     * @param float               $printerPct known scale error of the film printer along its feed
     * @param list<float>         $othersGrew growth along the stroke of the job’s other plates, %
     * @param float|null          $cameBack   shift along the stroke that was there again after turns that moved as told, mm
     */
    public function __construct(
        public string $name,
        public array $prints,
        public array $platens,
        public ?float $tension,
        public ?float $keysTension,
        public float $stretchMm,
        public float $heightMm,
        public float $widthMm,
        public float $printerPct,
        public array $othersGrew,
        public ?float $cameBack,
    ) {
    }
}
