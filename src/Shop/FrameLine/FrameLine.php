<?php

declare(strict_types=1);

namespace Ektype\App\Shop\FrameLine;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Frame\Frame;

/** A line of a frame’s record: what happened to it. */
#[ORM\Entity]
#[ORM\Table(name: 'frame_change')]
class FrameLine
{
    private const LONGEST = 160;

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: self::LONGEST)]
    public string $what;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Frame $frame,
        #[ORM\Column]
        public \DateTimeImmutable $madeAt,
        string $what,
    ) {
        $this->what = mb_strimwidth($what, 0, self::LONGEST, '…');
    }
}
