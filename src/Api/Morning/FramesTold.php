<?php

declare(strict_types=1);

namespace Ektype\App\Api\Morning;

use Ektype\App\Action\Morning\FramesWanted;
use Ektype\App\Action\Shelves\PutFrames;
use Ektype\App\Request\Within;
use Ektype\Core\Mesh\Mesh;

/** So many frames of one mesh. */
final readonly class FramesTold
{
    public function __construct(
        #[Within(1, PutFrames::MOST)]
        public int $count,
        public float $threadsPerCm,
        public float $threadUm,
        public bool $dyed = false,
    ) {
    }

    public function wanted(): FramesWanted
    {
        return new FramesWanted($this->count, new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed));
    }
}
