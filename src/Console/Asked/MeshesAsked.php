<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;

/** A mesh, or all typical ones where none is named. */
final readonly class MeshesAsked
{
    public function __construct(
        public ?float $threadsPerCm = null,
        public ?float $threadUm = null,
        public bool $dyed = false,
        public ?float $openingUm = null,
        public ?float $thicknessUm = null,
    ) {
    }

    /** @return list<Mesh> */
    public function meshes(): array
    {
        if ($this->threadsPerCm === null && $this->threadUm === null) {
            return MeshCatalogue::typical();
        }
        $threads = $this->threadsPerCm ?? throw UnreadableRequest::at(
            'threads_per_cm',
            '“threads_per_cm” is missing. Give it as a number.',
        );
        $thread = $this->threadUm ?? throw UnreadableRequest::at('thread_um', '“thread_um” is missing. Give it as a number in µm.');

        return [new Mesh($threads, $thread, $this->dyed, $this->openingUm, $this->thicknessUm)];
    }
}
