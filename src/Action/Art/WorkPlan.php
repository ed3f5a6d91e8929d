<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Plan\Codec;
use Ektype\App\Plan\Patch;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Process\ProcessPlan;
use Ektype\Core\Mix\BaseWay;

/** What is chosen of the plan by which a job is separated. */
final readonly class WorkPlan implements Change
{
    /** So many of the things chosen at once are named. */
    private const TOLD = 4;

    public function __construct(private int $jobId, private Patch $patch)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $before = $job->plan();
        $plan = $this->patch->on($before);
        self::inksAreHere($plan, $shop, '');
        if ($plan instanceof ProcessPlan && $plan->profile !== null && $plan->baseOn(Srgb::fromHex($job->garmentHex)) !== BaseWay::None) {
            throw Refused::at('profile', 'A profile knows its own paper and no base, and on this garment the four inks stand on one. Set the base to none, or leave the profile out.');
        }
        $job->decide($plan);

        return \sprintf('%s of %s', ucfirst(implode(', ', self::words($before))), $job->name);
    }

    /** Inks are on the shelf, wherever a plan names some. */
    private static function inksAreHere(object $plan, ShopFloor $shop, string $within): void
    {
        foreach (Codec::fields($plan::class) as $name => $property) {
            $value = $property->getValue($plan);
            if (\is_object($value) && Codec::part($property) !== null) {
                self::inksAreHere($value, $shop, $within.$name.'.');
            } elseif (Codec::chosen($property)?->unit === 'ink') {
                foreach ((array) $value as $ink) {
                    if (!\is_int($ink) || $shop->printing->inks->find($ink) === null) {
                        throw Refused::at($within.$name, 'That ink is not on the shelf any more. Choose another.');
                    }
                }
            }
        }
    }

    /** @return list<string> what was chosen, as a printer says it */
    private function words(object $plan): array
    {
        $words = [];
        $named = static function (object $of, array $patch) use (&$named, &$words): void {
            foreach (array_intersect_key(Codec::fields($of::class), $patch) as $name => $property) {
                $value = $property->getValue($of);
                if (\is_object($value) && Codec::part($property) !== null && \is_array($patch[$name])) {
                    $named($value, $patch[$name]);
                } else {
                    $words[] = Codec::chosen($property)->word ?? $name;
                }
            }
        };
        $named($plan, $this->patch->values);

        return \array_slice(array_values(array_unique($words)), 0, self::TOLD);
    }
}
