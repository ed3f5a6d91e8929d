<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Plate\Halftone;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The pattern of a halftone on a mesh as figures and in a sentence. */
final readonly class MoireFigure
{
    public Figure $strength;
    public Figure $period;
    public string $says;

    /** @param list<MoireBeat> $beats strongest first */
    public function __construct(Mesh $mesh, float $meshAngleDeg, Halftone $dots, array $beats)
    {
        $score = Moire::scoreOf($beats);
        $every = $beats === [] ? null : $beats[0]->periodMm;
        $inputs = [
            \sprintf('%s at %g° in its frame, %g threads per mm', $mesh->name, $meshAngleDeg, $mesh->threadsPerCm / 10),
            \sprintf(
                '%g lpi at %g°, %.3f cells per mm, round dots of %.0f %%',
                $dots->lpi,
                $dots->angleDeg,
                $dots->lpi / 25.4,
                100 * Moire::TONE,
            ),
        ];
        foreach (\array_slice($beats, 0, 3) as $beat) {
            $inputs[] = \sprintf('a beat every %.1f mm of %.1f %%', $beat->periodMm, 100 * $beat->contrast);
        }
        $source = 'geometry; seen from 0.7 mm on, gone at 0.4 mm (trade default)';
        $change = 'Another angle, ruling or mesh moves every beat.';
        $this->strength = new Figure($score, '%', $score < Moire::STRONG ? Sign::Reckoned : Sign::OutOfBounds, $source, 'Root of the sum of squares of all visible beats between the mesh’s and the halftone’s orders; each beat is the product of the Fourier coefficients of openings and dots', $inputs, school: '', wouldChange: $change, text: \sprintf('%.1f %%', $score));
        $this->period = new Figure(
            $every,
            'mm',
            Sign::Reckoned,
            $source,
            'One over the difference of the two frequencies, for the strongest beat',
            $inputs,
            school: '',
            wouldChange: $change,
        );
        $this->says = match (true) {
            $score < Moire::SEEN => 'Calm: nobody will see the mesh in it.',
            $score < Moire::STRONG => \sprintf('A faint pattern every %.1f mm shows in flat tones. A calmer setting is near.', $every ?? 0),
            default => \sprintf('A pattern every %.1f mm shows in every tone. Take a calmer setting, or another mesh.', $every ?? 0),
        };
    }
}
