<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Ink\Ink;

/** What was mixed into an ink at the press is written on its pot, with the day and the job. */
final readonly class NoteOnPot implements Change
{
    public function __construct(private int $plateId, private string $says)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $ink = $plate->ink ?? throw Refused::at('says', \sprintf('No ink of the shelf is chosen for %s, so there is no pot to write on. Choose its ink at Plates.', $plate->name));
        $recipe = trim($ink->recipe."\n".\sprintf('%s, %s: %s', $shop->now()->format('j M Y'), $plate->job->name, trim($this->says)));
        if (mb_strlen($recipe) > Ink::LONGEST_RECIPE) {
            throw Refused::at('says', \sprintf('The pot of %s has no room for more. Shorten what stands on it, at Inks.', $ink->name));
        }
        $ink->recipe = $recipe;

        return 'The pot of '.$ink->name;
    }
}
