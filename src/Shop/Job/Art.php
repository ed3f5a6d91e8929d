<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Doctrine\ORM\Mapping as ORM;

/** The picture of a job, as it was brought. */
#[ORM\Embeddable]
final class Art
{
    /** @param string $path of the picture among the shop’s files */
    public function __construct(
        #[ORM\Column(length: 200)]
        public readonly string $name,
        #[ORM\Column(length: 10)]
        public readonly string $kind,
        #[ORM\Column(length: 200)]
        public readonly string $path,
        #[ORM\Column]
        public readonly int $widthPx,
        #[ORM\Column]
        public readonly int $heightPx,
    ) {
    }

    public function isDrawing(): bool
    {
        return $this->kind === 'svg';
    }
}
