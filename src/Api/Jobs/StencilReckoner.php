<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Stencil\Coating;
use Ektype\Core\Stencil\Drying;
use Ektype\Core\Stencil\PredictedStencil;
use Ektype\Core\Stencil\StencilModel;
use Ektype\Core\Stencil\StencilTarget;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** Reckons stencils: how to coat, how thick it gets, when it is dry; from what this shop has gauged so far. */
final class StencilReckoner
{
    private const USUAL_SOLIDS = 38.0;
    private const LATEST_READINGS = 60;
    /** Frame taken for the emulsion of a plate that has none yet, mm. */
    private const USUAL_FRAME = [460.0, 560.0];
    /** Drying is told within a third either way: air differs from place to place (heuristic). */
    private const DRYING_SPREAD = 1.35;

    /** @var list<array{Coating, float}> what was gauged */
    private array $readings = [];
    /** @var array<int, Stencil> frame id => the stencil on it */
    private array $on = [];
    /** @var array<string, StencilModel> by emulsion asked about */
    private array $models = [];
    /** @var array<string, Coating> */
    private array $recipes = [];

    private function __construct(public readonly DarkRoom $room, private readonly \DateTimeImmutable $now)
    {
    }

    public static function of(EntityManagerInterface $entities, \DateTimeImmutable $now): self
    {
        $self = new self(DarkRoom::of($entities), $now);
        // With their frames at once: asked one by one they would be fetched one by one.
        $on = $entities->createQuery('SELECT s, f, e FROM '.Stencil::class.' s JOIN s.frame f LEFT JOIN s.emulsion e WHERE s.goneOn IS NULL ORDER BY s.id ASC')->getResult();
        foreach (\is_array($on) ? $on : [] as $stencil) {
            if ($stencil instanceof Stencil) {
                $self->on[$stencil->frame->idOrFail()] = $stencil;
            }
        }
        $gauged = $entities->createQuery('SELECT s, e FROM '.Stencil::class.' s JOIN s.emulsion e WHERE s.told = true AND s.gaugedEomUm IS NOT NULL ORDER BY s.id DESC')->setMaxResults(self::LATEST_READINGS)->getResult();
        foreach (\is_array($gauged) ? $gauged : [] as $stencil) {
            if ($stencil instanceof Stencil && $stencil->gaugedEomUm !== null) {
                $self->readings[] = [$stencil->coating(), $stencil->gaugedEomUm];
            }
        }

        return $self;
    }

    public function on(?Frame $frame): ?Stencil
    {
        return $frame === null ? null : $this->on[$frame->idOrFail()] ?? null;
    }

    /** How this shop would coat a mesh with an emulsion. */
    public function recipe(Mesh $mesh, ?Emulsion $emulsion): Coating
    {
        $key = serialize([$mesh, $emulsion?->id]);
        if (!isset($this->recipes[$key])) {
            $like = $emulsion?->filmUm !== null
                ? Coating::film($mesh, $emulsion->filmUm, $emulsion->name)
                : new Coating($mesh, Coating::edgeFor($mesh, $this->room->sharpFromPerInch), 1, 1, $emulsion->solidsPct ?? self::USUAL_SOLIDS, $emulsion->name ?? '');
            $this->recipes[$key] = $this->model($like->emulsion)->recipe($like, $this->room->sharpFromPerInch, $this->room->coatSchool === 'shine' ? StencilModel::UNTIL_IT_SHINES : null);
        }

        return $this->recipes[$key];
    }

    /** Emulsion over mesh to reckon with, µm: gauged, or as the coating on the frame or else the recipe makes it. */
    public function eomUm(Plate $plate, Mesh $mesh): float
    {
        if ($plate->frame !== null && $plate->frame->mesh()->name() !== $mesh->name()) {
            // What if it stood on another mesh: neither the gauge nor the coating of this frame count there.
            return $this->told($this->recipe($mesh, $plate->job->emulsion))->eomUm;
        }

        return $plate->gaugedEomUm ?? $this->told($this->coatingOf($plate, $mesh))->eomUm;
    }

    private function told(Coating $coating): PredictedStencil
    {
        return $this->model($coating->emulsion)->told($coating);
    }

    private function model(string $emulsion): StencilModel
    {
        return $this->models[$emulsion] ??= new StencilModel($this->readings, [$emulsion]);
    }

    /** What the screen is really coated with; null where nobody told, or it stands on another mesh. */
    public function emulsionOn(Plate $plate, Mesh $mesh): ?Emulsion
    {
        $on = $this->on($plate->frame);

        return $on !== null && $on->told && $on->mesh()->name() === $mesh->name() && ($on->plate === null || $on->plate === $plate) ? $on->emulsion : null;
    }

    public function dryHours(Coating $coating): float
    {
        return Drying::hours(StencilModel::wetUm($coating), $this->room->temperatureC, $this->room->humidityPct, $this->room->airMS);
    }

    public function figure(Plate $plate, Mesh $mesh): Figure
    {
        return $this->thickness($this->coatingOf($plate, $mesh), $plate->gaugedEomUm);
    }

    private function thickness(Coating $coating, ?float $gauged): Figure
    {
        $mesh = $coating->mesh;
        $target = StencilTarget::on($mesh);
        $told = $this->told($coating);
        $inside = $gauged === null || ($gauged >= $target->lowUm && $gauged <= $target->highUm);

        return new Figure(
            $gauged ?? $told->eomUm,
            'µm',
            $gauged === null ? Sign::Reckoned : ($inside ? Sign::Measured : Sign::OutOfBounds),
            $gauged !== null ? 'gauge, 1 reading of this shop' : ($told->restsOn === 0 ? 'trade default' : \sprintf('%d gauge reading%s of this shop', $told->restsOn, $told->restsOn === 1 ? '' : 's')),
            'Wet coat by edge and mesh × coats × solids of the emulsion, as the gauge has taught it',
            [
                \sprintf('coated %s%s', $coating->words(), $coating->emulsion === '' ? '' : ' with '.$coating->emulsion),
                \sprintf('fabric %.0f µm%s', $mesh->thicknessUm, $mesh->fromSheet ? ' (data sheet)' : \sprintf(' (1.6 threads of %g µm)', $mesh->threadUm)),
                \sprintf('wanted %.0f to %.0f µm, %.0f %% of the fabric, for %s', $target->lowUm, $target->highUm, 100 * $target->shareOfFabric, $target->forDetail ? 'detail' : 'bold work'),
            ],
            $this->school(),
            $gauged === null ? 'A gauge reading of the coated screen replaces it, and makes every other one surer.' : '',
            $told->lowUm,
            $told->highUm,
        );
    }

    public function coat(Plate $plate, Mesh $mesh): CoatView
    {
        $coating = $this->recipe($mesh, $plate->job->emulsion);
        $told = $this->told($coating);
        $target = StencilTarget::on($mesh);
        [$width, $height] = $plate->frame === null ? self::USUAL_FRAME : [$plate->frame->insideWidthMm, $plate->frame->insideHeightMm];
        $hours = $this->dryHours($coating);
        $mind = array_values(array_filter([
            self::potSentence($plate->job->emulsion, $this->now),
            Drying::caution($this->room->temperatureC, $this->room->humidityPct),
            $told->eomUm < $target->lowUm || $told->eomUm > $target->highUm ? \sprintf('This comes to %.0f µm; %.0f to %.0f are wanted on this mesh. %s', $told->eomUm, $target->lowUm, $target->highUm, $coating->filmUm !== null ? 'A film of another thickness comes nearer.' : 'No recipe of up to 3 + 3 coats comes nearer.') : '',
        ], static fn (string $s): bool => $s !== ''));

        return new CoatView(
            $this->room->coatSchool === 'shine' && $coating->filmUm === null
                ? \sprintf('print side until it shines, then %d on the squeegee side, %s edge', $coating->squeegeeCoats, $coating->edge)
                : $coating->words(),
            $coating->edge,
            $coating->printCoats,
            $coating->squeegeeCoats,
            $plate->job->emulsion->name ?? '',
            FigureView::of($this->thickness($coating, null)),
            round($told->shareOfFabricPct, 1),
            FigureView::of(new Figure(StencilModel::emulsionMl($coating, $width, $height), 'ml', Sign::Reckoned, 'geometry and the coating model', 'Wet film over and in the mesh × inside of the frame, a quarter more for the trough', [\sprintf('%.0f × %.0f mm inside', $width, $height), \sprintf('wet film %.0f µm', StencilModel::wetUm($coating))], '', 'Never start a frame with less than a full trough.')),
            FigureView::of(new Figure(
                $hours,
                'h',
                $this->room->humidityPct > Drying::MOST_HUMIDITY ? Sign::OutOfBounds : Sign::Reckoned,
                $this->room->readAt === null ? 'trade default, air assumed' : 'trade default, air read '.$this->room->readAt->format('Y-m-d H:i'),
                'Wet film ÷ (1 − humidity), faster when warm and in moving air',
                [\sprintf('%.0f °C, %.0f %% humidity, air %.1f m/s', $this->room->temperatureC, $this->room->humidityPct, $this->room->airMS), \sprintf('wet film %.0f µm', StencilModel::wetUm($coating))],
                '',
                'Read the air in the dark room: it is set there.',
                $hours / self::DRYING_SPREAD,
                $hours * self::DRYING_SPREAD,
                text: self::hours($hours),
                between: 'as air differs from place to place',
            )),
            StencilModel::roughness($mesh, $told->eomUm),
            $this->school(),
            $mind,
        );
    }

    public function view(Stencil $s): StencilView
    {
        $damp = max(0.0, ($s->readyAt->getTimestamp() - $this->now->getTimestamp()) / 60);
        $life = $s->emulsion->coatedLifeDays ?? 28;
        $age = (int) (new \DateTimeImmutable($s->coatedAt->format('Y-m-d')))->diff(new \DateTimeImmutable($this->now->format('Y-m-d')))->format('%r%a');
        $keeps = $life - $age;

        return new StencilView(
            $s->emulsion->name ?? '',
            $s->coating()->words(),
            $s->coatedAt->format('Y-m-d\TH:i'),
            $s->readyAt->format('Y-m-d\TH:i'),
            $damp,
            $keeps,
            $s->told,
            $s->gaugedEomUm,
            $s->burnedSeconds,
            match (true) {
                $s->burnedSeconds !== null => '',
                $damp > 0 => \sprintf('Frame %s is still damp, until about %s. A damp stencil underexposes whatever the clock says.', $s->frame->label, $this->moment($s->readyAt)),
                $keeps < 0 => \sprintf('Frame %s was coated %d days ago; its emulsion keeps %d. It may be fogged: make a step test on it, or coat it anew.', $s->frame->label, $age, $life),
                default => '',
            },
        );
    }

    /** What the emulsion’s age means; empty where it is fresh. */
    public static function potSentence(?Emulsion $emulsion, \DateTimeImmutable $today): string
    {
        $left = $emulsion?->potDaysLeft($today);

        return match (true) {
            $emulsion === null || $left === null || $left > 7 => '',
            $left < 0 => \sprintf('%s was mixed on %s and is over its pot life by %d days: stencils from it break down early. Mix a fresh pot.', $emulsion->name, $emulsion->mixedOn, -$left),
            default => \sprintf('%s has %d %s of its pot life left.', $emulsion->name, $left, $left === 1 ? 'day' : 'days'),
        };
    }

    private function coatingOf(Plate $plate, Mesh $mesh): Coating
    {
        $on = $this->on($plate->frame);

        return $on !== null && $on->told ? $on->coating() : $this->recipe($mesh, $plate->job->emulsion);
    }

    private function school(): string
    {
        return $this->room->coatSchool === 'shine'
            ? \sprintf('The print side is coated until the squeegee side shines evenly, reckoned as two coats; sharp edge from %.0f per inch', $this->room->sharpFromPerInch)
            : \sprintf('Coats are counted, print side first; sharp edge from %.0f per inch', $this->room->sharpFromPerInch);
    }

    private function moment(\DateTimeImmutable $at): string
    {
        return $at->format('Y-m-d') === $this->now->format('Y-m-d') ? $at->format('G:i') : $at->format('D G:i');
    }

    private static function hours(float $hours): string
    {
        return $hours < 1 ? \sprintf('%.0f min', 60 * $hours) : \sprintf('%d h %02d', (int) $hours, (int) (60 * fmod($hours, 1)));
    }
}
