<?php

declare(strict_types=1);

namespace Ektype\App\Shop\FrameChange;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Frame\Frame;

/** What happened to a frame, with the frame as it stood before: its record, and what undo goes back to. */
#[ORM\Entity]
class FrameChange
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** @param array<string, mixed>|null $before null for what undo cannot take back, because it belongs to a job */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Frame $frame,
        #[ORM\Column]
        public \DateTimeImmutable $madeAt,
        #[ORM\Column(length: 160)]
        public string $what,
        #[ORM\Column(nullable: true)]
        public ?array $before,
    ) {
    }
}
