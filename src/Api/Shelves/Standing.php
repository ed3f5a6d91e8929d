<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Rack\FrameWork;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Film\FilmPrinter as Profile;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Mesh\TensionTrend;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\ReadingSheet;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;

/** Puts things on the shop's shelves and takes them off; what cannot be is refused before anything is stored. */
final readonly class Standing
{
    public const KINDS = ['inks' => Ink::class, 'frames' => Frame::class, 'lamps' => Lamp::class, 'emulsions' => Emulsion::class, 'presses' => Press::class, 'printers' => FilmPrinter::class, 'meshes' => OwnMesh::class];

    public function __construct(private EntityManagerInterface $entities, private FrameWork $frames)
    {
    }

    public function add(string $kind, Given $given): void
    {
        $this->entities->persist(match ($kind) {
            'inks' => $this->ink($given),
            'frames' => $this->frame($given),
            'lamps' => new Lamp($this->freeName(Lamp::class, 'name', $given, 60), $given->oneOf('kind', array_keys(ExposureModel::LAMPS)), $given->numberOr('hours', 0.0, 0, 200000, 'h') ?? 0.0, $given->numberOr('distanceMm', null, 10, 5000, 'mm')),
            'emulsions' => $this->emulsion($given),
            'presses' => $this->press($given),
            'printers' => $this->printer($given),
            'meshes' => $this->ownMesh($given),
            default => throw Refusal::because('There is no such shelf in the shop.'),
        });
        $this->entities->flush();
    }

    public function takeOff(string $kind, int $id): void
    {
        $class = self::KINDS[$kind] ?? throw Refusal::because('There is no such shelf in the shop.');
        $one = $this->entities->find($class, $id) ?? throw Refusal::because('It is not on the shelf any more.');
        $this->stillNeeded($one);
        if ($one instanceof OwnMesh) {
            foreach ($this->entities->getRepository(Frame::class)->findBy(['threadsPerCm' => $one->threadsPerCm, 'threadUm' => $one->threadUm, 'dyed' => $one->dyed]) as $frame) {
                $frame->sheetOpeningUm = $frame->sheetThicknessUm = null;
            }
        }
        $this->entities->remove($one);
        $this->entities->flush();
    }

    private function ink(Given $given): Ink
    {
        return new Ink($this->freeName(Ink::class, 'name', $given, 80), Srgb::fromHex($given->text('hex'), 'hex')->hex(), $given->oneOf('kind', MeshSuggestion::INKS, 'plastisol'), ($given->numberOr('hidingPct', 93.0, 1, 100, '%') ?? 93.0) / 100);
    }

    private function frame(Given $given): Frame
    {
        // The mesh itself refuses a thread that its pitch has no room for.
        $mesh = $this->frames->sheet(new Mesh($given->number('threadsPerCm'), $given->number('threadUm', unit: 'µm'), $given->flag('dyed')));
        $frame = new Frame(
            $this->freeName(Frame::class, 'label', $given, 20),
            $mesh->threadsPerCm,
            $mesh->threadUm,
            $mesh->dyed,
            $given->number('insideWidthMm', 50, 3000, 'mm'),
            $given->number('insideHeightMm', 50, 3000, 'mm'),
            $given->number('tensionNPerCm', TensionTrend::LEAST, TensionTrend::MOST, 'N/cm'),
        );
        if ($mesh->fromSheet) {
            [$frame->sheetOpeningUm, $frame->sheetThicknessUm] = [$mesh->openingUm, $mesh->thicknessUm];
        }
        $frame->stretchedOn = $given->pastDay('stretchedOn', new \DateTimeImmutable());
        $frame->rackPlace = $given->textOr('rackPlace', '', 20);
        $frame->outsideWidthMm = FrameWork::outside($given, 'outsideWidthMm', $frame->insideWidthMm);
        $frame->outsideHeightMm = FrameWork::outside($given, 'outsideHeightMm', $frame->insideHeightMm);

        return $frame;
    }

    /** @throws Refusal where a value cannot be; nothing is stored then */
    public function changeEmulsion(Emulsion $emulsion, Given $given): void
    {
        self::tell($emulsion, $given);
        $this->entities->flush();
    }

    private function emulsion(Given $given): Emulsion
    {
        $emulsion = new Emulsion($this->freeName(Emulsion::class, 'name', $given, 60), $given->oneOf('kind', array_keys(ExposureModel::EMULSIONS)));
        self::tell($emulsion, $given);

        return $emulsion;
    }

    /** What is not told stays as it is. */
    private static function tell(Emulsion $emulsion, Given $given): void
    {
        $solids = $given->numberOr('solidsPct', $emulsion->solidsPct, 10, 80, '%') ?? $emulsion->solidsPct;
        $mixed = $given->pastDay('mixedOn', new \DateTimeImmutable()) ?? $emulsion->mixedOn;
        $pot = $given->has('potLifeDays') ? $given->whole('potLifeDays', 1, 3650) : $emulsion->potLifeDays;
        $coated = $given->has('coatedLifeDays') ? $given->whole('coatedLifeDays', 1, 365) : $emulsion->coatedLifeDays;
        $factor = $given->numberOr('factor', $emulsion->factor, 0.2, 20);
        $film = $given->numberOr('filmUm', $emulsion->filmUm, 10, 400, 'µm');
        if (($emulsion->kind === 'capillary_film') !== ($film !== null)) {
            throw Refusal::at('filmUm', $film === null ? 'A capillary film has a thickness: it makes the stencil. Give it in µm, as its box names it.' : 'Only capillary film has a thickness of its own. Leave it empty, or choose capillary film.');
        }
        [$emulsion->solidsPct, $emulsion->mixedOn, $emulsion->potLifeDays, $emulsion->coatedLifeDays, $emulsion->factor, $emulsion->filmUm] = [$solids, $mixed, $pot, $coated, $factor, $film];
    }

    private function ownMesh(Given $given): OwnMesh
    {
        $mesh = new Mesh($given->number('threadsPerCm'), $given->number('threadUm', unit: 'µm'), $given->flag('dyed'), $given->numberOr('openingUm', null, unit: 'µm'), $given->numberOr('thicknessUm', null, unit: 'µm'));
        if ($this->entities->getRepository(OwnMesh::class)->findOneBy(['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm, 'dyed' => $mesh->dyed]) !== null) {
            throw Refusal::at('threadsPerCm', \sprintf('%s %s is in the catalogue already. Take that one off first.', $mesh->name(), $mesh->dyed ? 'yellow' : 'white'));
        }
        $own = new OwnMesh($mesh->threadsPerCm, $mesh->threadUm, $mesh->dyed, $given->numberOr('openingUm', null), $given->numberOr('thicknessUm', null));
        // Frames that carry it follow its data sheet.
        foreach ($this->entities->getRepository(Frame::class)->findBy(['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm, 'dyed' => $mesh->dyed]) as $frame) {
            [$frame->sheetOpeningUm, $frame->sheetThicknessUm] = [$own->openingUm, $own->thicknessUm];
        }

        return $own;
    }

    private function press(Given $given): Press
    {
        $knobs = array_map(static fn (Knob $k): array => ['name' => $k->name, 'at_mm' => $k->atMm, 'pushes' => $k->unit(), 'mm_per_turn' => $k->mmPerTurn], ReadingSheet::knobs($given));

        return new Press(
            $this->freeName(Press::class, 'name', $given, 60),
            $given->oneOf('kind', ['rotary', 'hinge', 'long table'], 'rotary'),
            $given->whole('heads', 1, 24),
            $given->whole('platens', 1, 48),
            $knobs,
            $given->flag('collarAtOperator'),
            $given->number('centreFromEndMm', 20, 2000, 'mm'),
            $given->numberOr('registerSigmaMm', null, 0.01, 3, 'mm'),
        );
    }

    private function printer(Given $given): FilmPrinter
    {
        $most = Profile::MOST_SCALE_ERROR_PCT;

        return new FilmPrinter(
            $this->freeName(FilmPrinter::class, 'name', $given, 60),
            $given->number('dpi', 150, 2880, 'dpi'),
            $given->number('mediaWidthMm', 100, 3000, 'mm'),
            $given->numberOr('sheetLengthMm', null, 100, 5000, 'mm'),
            $given->has('feedMarginMm') ? $given->number('feedMarginMm', 0, 60, 'mm') : Profile::FEED_MARGIN_MM,
            $given->numberOr('density', null, 0.3, 6),
            $given->has('scaleErrorXPct') ? $given->number('scaleErrorXPct', -$most, $most, '%') : 0.0,
            $given->has('scaleErrorYPct') ? $given->number('scaleErrorYPct', -$most, $most, '%') : 0.0,
        );
    }

    /** @param class-string $class */
    private function freeName(string $class, string $field, Given $given, int $longest): string
    {
        $name = $given->text($field, $longest);
        if ($this->entities->getRepository($class)->findOneBy([$field => $name]) !== null) {
            throw Refusal::at($field, \sprintf('“%s” is on the shelf already. Two of one name would be mistaken for each other at the press: give this one another.', $name));
        }

        return $name;
    }

    private function stillNeeded(object $one): void
    {
        $holder = match (true) {
            $one instanceof Frame => $this->entities->getRepository(Plate::class)->findOneBy(['frame' => $one]),
            $one instanceof Ink => $this->entities->getRepository(Plate::class)->findOneBy(['ink' => $one]),
            default => null,
        };
        if ($holder !== null) {
            throw Refusal::because(\sprintf('%s of %s still uses it. Give that plate another first.', $holder->name, $holder->job->name));
        }
        $tests = match (true) {
            $one instanceof Lamp => $this->entities->getRepository(StepTest::class)->count(['lamp' => $one]),
            $one instanceof Emulsion => $this->entities->getRepository(StepTest::class)->count(['emulsion' => $one]),
            default => 0,
        };
        $stencils = match (true) {
            $one instanceof Lamp => $this->entities->getRepository(Stencil::class)->count(['lamp' => $one]),
            $one instanceof Emulsion => $this->entities->getRepository(Stencil::class)->count(['emulsion' => $one]),
            default => 0,
        };
        $field = match (true) {
            $one instanceof Lamp => 'lamp',
            $one instanceof Emulsion => 'emulsion',
            $one instanceof Press => 'press',
            $one instanceof FilmPrinter => 'filmPrinter',
            default => null,
        };
        $jobs = $field === null ? 0 : $this->entities->getRepository(\Ektype\App\Shop\Job\Job::class)->count([$field => $one]);
        if ($tests + $stencils + $jobs > 0) {
            throw Refusal::because(\sprintf('%d step tests, %d stencils and %d jobs rest on it. What was learned would be lost: it stays.', $tests, $stencils, $jobs));
        }
    }
}
