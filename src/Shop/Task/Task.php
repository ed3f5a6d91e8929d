<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Task;

use Doctrine\ORM\Mapping as ORM;
use Ektype\App\Shop\Job\Job;

/** A piece of long work with its progress. */
#[ORM\Entity]
class Task
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** waiting, working, done or failed */
    #[ORM\Column(length: 10)]
    public string $state = 'waiting';

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
        /** separate or films */
        #[ORM\Column(length: 12)]
        public string $kind,
    ) {
        $this->createdAt = new \DateTimeImmutable();
    }

    public function idOrFail(): int
    {
        return $this->id ?? throw new \LogicException('The task is not stored yet.');
    }
}
