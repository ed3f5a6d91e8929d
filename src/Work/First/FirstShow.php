<?php

declare(strict_types=1);

namespace Ektype\App\Work\First;

use Ektype\App\Work\Long\Held;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\PlatesLaid;

/** A worker’s promise to show a job’s first pull: who asks meanwhile waits for it instead of drawing it too. */
final class FirstShow
{
    /** @param (\Closure(list<FirstPlate>, PlatesLaid): void)|null $keep null where nobody needs it */
    public function __construct(private readonly ?\Closure $keep, private readonly ?Held $held)
    {
    }

    /** @return (\Closure(list<FirstPlate>): void)|null */
    public function show(PlatesLaid $laid): ?\Closure
    {
        $keep = $this->keep;

        return $keep === null ? null : function (array $plates) use ($keep, $laid): void {
            /** @var list<FirstPlate> $plates what a method shows */
            $keep($plates, $laid);
            $this->close();
        };
    }

    public function close(): void
    {
        $this->held?->release();
    }
}
