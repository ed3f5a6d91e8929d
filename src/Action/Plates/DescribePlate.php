<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;

/** What a plate is called and which ink it prints. null leaves a thing as it is. */
final readonly class DescribePlate implements Change
{
    public function __construct(private int $plateId, private ?string $name = null, private ?int $inkId = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $called = $plate->name;
        $plate->name = $this->name ?? $plate->name;
        if ($this->inkId !== null) {
            $plate->ink = $shop->inks->find($this->inkId) ?? throw Refused::at(
                'ink',
                'That ink is not on the shelf any more. Choose another.',
            );
        }

        return implode(
            ', ',
            array_filter(
                [$this->name === null ? '' : 'Name', $this->inkId === null ? '' : 'Ink'],
                static fn (string $s): bool => $s !== '',
            ),
        ).' of '.$called;
    }
}
