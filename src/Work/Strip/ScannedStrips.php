<?php

declare(strict_types=1);

namespace Ektype\App\Work\Strip;

use Ektype\App\Work\Picture\PicturePpi;
use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\App\Work\Scan\LostMarks;
use Ektype\Core\StepTest\ReadStrips;
use Ektype\Core\StepTest\StripPicture;
use Ektype\Core\StepTest\TestFilm;

/** Reads the picture of a washed, dried screen with Ektype’s test film: found by its marks, turned true, strip by strip. */
final readonly class ScannedStrips
{
    /** Fine enough for a line of a twentieth of a millimetre to leave its trace. */
    private const LOOK_DPI = 400.0;

    /** Pixels an inch that cameras write down for want of any. */
    private const A_SCREENS = 96.0;

    public function __construct(private ScannedPositive $scans)
    {
    }

    /**
     * @param list<float> $seconds of each strip from the top
     *
     * @throws \Ektype\Core\Unit\Refusal where it is no such picture
     */
    public function read(string $path, array $seconds): ReadStrips
    {
        $sheet = TestFilm::sheet(self::LOOK_DPI, \count($seconds));
        try {
            // A scan says its resolution; a photograph says none, or one that a screen would have.
            // What cannot be read is refused, with words, where it is opened.
            $says = PicturePpi::of($path) ?? self::A_SCREENS + 1;
            [$lights] = $this->scans->lights($path, $sheet, $says > self::A_SCREENS ? null : $this->scans->resolution($path, $sheet));
        } catch (LostMarks) {
            throw LostMarks::at('picture', \sprintf('The marks of a test film of %d strips were not all found on the picture, so its strips cannot be. Take the screen whole against the light, marks and all, straight from above, at 300 pixels an inch; or say how many strips the film had.', \count($seconds)));
        }

        return StripPicture::read($lights, $sheet->artWidthPx, $sheet->artHeightPx, self::LOOK_DPI / 25.4, $seconds);
    }
}
