<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Job\Job;

/** A change to a job, with the job as it stood before: what undo goes back to. */
#[ORM\Entity]
class Change
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column]
    public \DateTimeImmutable $madeAt;

    /** @param array<string, mixed> $before */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Job $job,
        #[ORM\Column(length: 120)]
        public string $what,
        #[ORM\Column]
        public array $before,
    ) {
        $this->madeAt = new \DateTimeImmutable();
    }
}
