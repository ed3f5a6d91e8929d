<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Plate\Tones;

/** What the choice of mesh is weighed against besides the film. null leaves a thing as it is; a deposit of 0 gives the wish up. */
final readonly class WishOfMesh implements Change
{
    public function __construct(private int $plateId, private ?float $depositUm = null, private ?Tones $tones = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        if ($this->depositUm !== null) {
            $plate->depositUm = $this->depositUm > 0 ? $this->depositUm : null;
        }
        if ($this->tones !== null) {
            $plate->giveTones($this->tones);
        }

        return ($this->tones === null ? 'Wanted ink of ' : 'Tones of ').$plate->name;
    }
}
