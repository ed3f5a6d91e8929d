<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Exposure\SinkCheck;
use OpenApi\Attributes as OA;

/** What was seen at the sink, and what it means. */
#[OA\Schema]
final readonly class SinkCheckView
{
    public function __construct(
        #[OA\Property]
        public bool $scum,
        #[OA\Property]
        public bool $pinholes,
        #[OA\Property]
        public bool $lostDots,
        #[OA\Property]
        public bool $closedLines,
        #[OA\Property]
        public bool $blur,
        #[OA\Property]
        public string $says,
        #[OA\Property(description: 'Whether it may go to the press')]
        public bool $canPrint,
    ) {
    }

    /** @param array{scum: bool, pinholes: bool, lostDots: bool, closedLines: bool, blur: bool}|null $seen */
    public static function of(?array $seen): ?self
    {
        if ($seen === null) {
            return null;
        }
        $check = new SinkCheck(...$seen);

        return new self($check->scum, $check->pinholes, $check->lostDots, $check->closedLines, $check->blur, $check->says(), $check->canPrint());
    }
}
