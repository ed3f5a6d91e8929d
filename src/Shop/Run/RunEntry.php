<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Run;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Run\MisprintCause;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\Run\RunEventKind;
use Ektype\Core\Run\StopReason;
use Ektype\Core\Unit\Point;

/** An event of a run as a device told it: kept once, never changed. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['job_id', 'event'])]
class RunEntry
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** The name that its device gave it. */
    #[ORM\Column(length: 60)]
    public string $event;

    #[ORM\Column]
    private int $atMs;

    #[ORM\Column(length: 20)]
    private RunEventKind $kind;

    #[ORM\Column]
    private int $line;

    #[ORM\Column(length: 20)]
    private string $size;

    #[ORM\Column]
    private int $pieces;

    #[ORM\Column(nullable: true)]
    private ?float $xMm;

    #[ORM\Column(nullable: true)]
    private ?float $yMm;

    #[ORM\Column(length: 40, nullable: true)]
    private ?MisprintCause $cause;

    #[ORM\Column(length: 40, nullable: true)]
    private ?StopReason $reason;

    #[ORM\Column(nullable: true)]
    private ?int $plate;

    #[ORM\Column(nullable: true)]
    private ?float $grams;

    #[ORM\Column(length: 60)]
    private string $name;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Job $job,
        RunEvent $told,
    ) {
        $this->event = $told->id;
        $this->atMs = $told->atMs;
        $this->kind = $told->kind;
        $this->line = $told->line;
        $this->size = $told->size;
        $this->pieces = $told->pieces;
        $this->xMm = $told->at?->xMm;
        $this->yMm = $told->at?->yMm;
        $this->cause = $told->cause;
        $this->reason = $told->reason;
        $this->plate = $told->plate;
        $this->grams = $told->grams;
        $this->name = $told->name;
    }

    public function told(): RunEvent
    {
        return new RunEvent(
            $this->event,
            $this->atMs,
            $this->kind,
            $this->line,
            $this->size,
            $this->pieces,
            at: $this->xMm === null || $this->yMm === null ? null : new Point($this->xMm, $this->yMm),
            cause: $this->cause,
            reason: $this->reason,
            plate: $this->plate,
            grams: $this->grams,
            name: $this->name,
        );
    }
}
