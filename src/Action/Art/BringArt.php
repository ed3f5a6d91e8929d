<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Job\Art;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\SvgText;
use Ektype\Core\Plate\Substrate;

/** Takes in a picture and makes a job of it; nothing is stored of a picture that cannot be read. */
final readonly class BringArt implements Change
{
    /**
     * @param string          $path    of the picture as it was brought
     * @param string          $artName as its owner calls it
     * @param ArtFraming|null $framing the part that is printed; null takes the whole
     */
    public function __construct(
        private string $path,
        private string $artName,
        private string $garmentHex,
        private float $widthMm,
        private ?string $name = null,
        private string $garmentName = '',
        private Substrate $substrate = Substrate::Cotton,
        private ?ArtFraming $framing = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $art = ArtFile::at($this->path);
        $called = ucwords(trim(strtr(pathinfo($this->artName, \PATHINFO_FILENAME), '-_', '  ')));
        $kept = \sprintf('art/%s.%s', bin2hex(random_bytes(8)), $art->kind);
        $job = new Job(
            $this->name ?? ($called === '' ? 'New job' : mb_substr($called, 0, 120)),
            $this->garmentHex,
            $this->widthMm,
            new Art(mb_substr($this->artName, 0, 200), $art->kind, $kept, $art->width, $art->height),
            $shop->now(),
        );
        if ($this->framing !== null) {
            $job->frame($this->framing);
        }
        $job->garmentName = $this->garmentName;
        $job->substrate = $this->substrate;
        $job->press = $shop->printing->presses->first();
        $job->lamp = $shop->light->lamps->first();
        $job->emulsion = $shop->light->emulsions->first();
        $job->filmPrinter = $shop->printing->filmPrinters->only();
        $shop->journal->written->down($kept);
        $shop->files->put($kept, $art->kind === 'svg' ? SvgText::of($this->path) : (string) file_get_contents($this->path));
        $shop->jobs->add($job);

        return 'New job '.$job->name;
    }
}
