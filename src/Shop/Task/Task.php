<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Task;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Job\Job;

/** A piece of long work with its progress. */
#[ORM\Entity]
// The database keeps one open task of a kind to a job, by an index with a condition, which Doctrine does not know on SQLite.
class Task
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: 10)]
    public TaskState $state = TaskState::Waiting;

    /** The page that asked for it: what comes out of it is that page’s to take back. */
    #[ORM\Column(length: 40, options: ['default' => ''])]
    public string $page = '';

    #[ORM\Column]
    public float $progress = 0;

    #[ORM\Column(length: 120)]
    public string $step = 'Waiting for the worker';

    #[ORM\Column(type: 'text')]
    public string $failure = '';

    #[ORM\Column]
    public int $attempts = 0;

    #[ORM\Column]
    public \DateTimeImmutable $createdAt;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public Job $job,
        #[ORM\Column(length: 12)]
        public TaskKind $kind,
        \DateTimeImmutable $now,
    ) {
        $this->createdAt = $now;
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The task is not stored yet.');
    }
}
