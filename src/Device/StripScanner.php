<?php

declare(strict_types=1);

namespace Ektype\App\Device;

/** A scanner with light behind the glass, on which a washed screen lies. */
interface StripScanner
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;

    /**
     * @param float       $rightS  the right time, which only a stand-in knows
     * @param list<float> $seconds of each strip from the top
     *
     * @return string a picture
     */
    public function picture(float $rightS, array $seconds, int $seed): string;
}
