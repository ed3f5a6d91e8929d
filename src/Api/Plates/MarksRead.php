<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Request\Within;
use Ektype\Core\Registration\Reading;
use Symfony\Component\Validator\Constraints as Assert;

/** What was read at the marks of one print. */
final readonly class MarksRead
{
    /** @param list<MarkRead> $readings */
    public function __construct(#[Assert\Valid] public array $readings, #[Within(1, 48)] public ?int $platen = null)
    {
    }

    /** @return list<Reading> */
    public function readings(): array
    {
        return array_map(static fn (MarkRead $mark): Reading => $mark->reading(), $this->readings);
    }
}
