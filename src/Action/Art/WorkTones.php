<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Tone\TonesWished;
use Ektype\Core\Unit\Refusal;

/** What is done to the tones of a picture, its dots and its inks. */
final readonly class WorkTones implements Change
{
    public function __construct(private int $jobId, private TonesWished $wished)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        foreach (['ink' => $this->wished->ink, 'darkInk' => $this->wished->dark, 'lightInk' => $this->wished->light] as $field => $ink) {
            if ($ink !== null && $ink > 0 && $shop->inks->find($ink) === null) {
                throw Refused::at('tone.'.$field, 'That ink is not on the shelf any more. Choose another.');
            }
        }
        try {
            $job->decide($this->wished->on($job->plan()));
        } catch (Refusal $not) {
            throw $not->within('tone');
        }

        return 'Tones of '.$job->name;
    }
}
