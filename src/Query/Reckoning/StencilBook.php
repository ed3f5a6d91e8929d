<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Recipes;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Darkroom\Drying;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\CoatSchool;
use Ektype\Core\Screen\GaugedCoating;
use Ektype\Core\Screen\PredictedStencil;
use Ektype\Core\Screen\StencilFigure;
use Ektype\Core\Screen\StencilModel;
use Ektype\Core\Unit\Figure;

/** Stencils at one moment: how to coat, how thick it gets, when it is dry; from what this shop has gauged so far. */
final class StencilBook
{
    /** Frame taken for the emulsion of a plate that has none yet, mm. */
    private const USUAL_FRAME = [460.0, 560.0];

    /** @var list<GaugedCoating> */
    private array $readings;
    /** @var array<string, StencilModel> by emulsion asked about */
    private array $models = [];
    /** @var array<string, Coating> */
    private array $recipes = [];

    /** @param list<Stencil> $gauged */
    public function __construct(private readonly Snapshot $shop, array $gauged)
    {
        $this->readings = array_map(
            static fn (Stencil $s): GaugedCoating => new GaugedCoating($s->coating(), (float) $s->gaugedEomUm),
            $gauged,
        );
    }

    /** How this shop would coat a mesh with an emulsion. */
    public function recipe(Mesh $mesh, ?Emulsion $emulsion): Coating
    {
        $key = serialize([$mesh, $emulsion?->id]);
        if (!isset($this->recipes[$key])) {
            $room = $this->shop->room();
            $like = Recipes::like($mesh, $emulsion, $room->sharpFromPerInch);
            $this->recipes[$key] = $this->model($like->emulsion)->recipe(
                $like,
                $room->sharpFromPerInch,
                $room->coatSchool === CoatSchool::Shine ? StencilModel::UNTIL_IT_SHINES : null,
            );
        }

        return $this->recipes[$key];
    }

    /** Emulsion over mesh to reckon with, µm: gauged, or as the coating on the frame or else the recipe makes it. */
    public function eomUm(Plate $plate, Mesh $mesh): float
    {
        if ($plate->frame !== null && $plate->frame->mesh()->name !== $mesh->name) {
            // What if it stood on another mesh: neither the gauge nor the coating of this frame count there.
            return $this->told($this->recipe($mesh, $plate->job->emulsion))->eomUm;
        }

        return $this->shop->stencilOf($plate)->gaugedEomUm ?? $this->told($this->coatingOf($plate, $mesh))->eomUm;
    }

    /** The same of a mesh that carries no plate yet. */
    public function recipeEomUm(Mesh $mesh, ?Emulsion $emulsion): float
    {
        return $this->told($this->recipe($mesh, $emulsion))->eomUm;
    }

    /** What the screen is really coated with; null where nobody told, or it stands on another mesh. */
    public function emulsionOn(Plate $plate, Mesh $mesh): ?Emulsion
    {
        $on = $this->shop->stencilOf($plate);

        return $on !== null && $on->told && $on->mesh()->name === $mesh->name ? $on->emulsion : null;
    }

    public function figure(Plate $plate, Mesh $mesh): Figure
    {
        $coating = $this->coatingOf($plate, $mesh);

        return StencilFigure::thickness(
            $coating,
            $this->told($coating),
            $this->shop->stencilOf($plate)?->gaugedEomUm,
            $this->shop->room()->coatWords(),
        );
    }

    public function coat(Plate $plate, Mesh $mesh): Coat
    {
        $coating = $this->recipe($mesh, $plate->job->emulsion);
        $told = $this->told($coating);
        $room = $this->shop->room();
        [$width, $height] = $plate->frame === null ? self::USUAL_FRAME : [$plate->frame->insideWidthMm, $plate->frame->insideHeightMm];

        return new Coat(
            laid: new CoatLaid(
                words: $room->coatSchool === CoatSchool::Shine && $coating->filmUm === null
                                ? \sprintf(
                                    'print side until it shines, then %d on the squeegee side, %s edge',
                                    $coating->squeegeeCoats,
                                    $coating->edge->value,
                                )
                                : $coating->words(),
                edge: $coating->edge,
                printCoats: $coating->printCoats,
                squeegeeCoats: $coating->squeegeeCoats,
                edges: StencilModel::roughness($mesh, $told->eomUm),
            ),
            filmUm: $coating->filmUm,
            emulsion: $coating->emulsion,
            eom: StencilFigure::thickness($coating, $told, null, $room->coatWords()),
            eomPct: round($told->shareOfFabricPct, 1),
            emulsionMl: StencilFigure::emulsion($coating, $width, $height, $told->eomUm),
            dryHours: $room->air()->figure(StencilModel::waterUm($coating, $told->eomUm), $room->readAt?->format('Y-m-d H:i')),
            school: $room->coatWords(),
            mind: array_values(array_filter([
                ...$plate->job->emulsion?->mixedOn === null ? $plate->job->emulsion?->kind?->prepared() ?? [] : [],
                self::pot($plate->job->emulsion, $this->shop->now),
                Drying::caution($room->temperatureC, $room->humidityPct),
                StencilFigure::misses($coating, $told),
            ], static fn (string $s): bool => $s !== '')),
        );
    }

    public function now(Stencil $s): StencilNow
    {
        $now = $this->shop->now;
        $damp = max(0.0, ($s->readyAt->getTimestamp() - $now->getTimestamp()) / 60);
        $life = $s->emulsion->coatedLifeDays ?? Coating::USUAL_LIFE_DAYS;
        $age = (int) (new \DateTimeImmutable($s->coatedAt->format('Y-m-d')))->diff(
            new \DateTimeImmutable($now->format('Y-m-d')),
        )->format('%r%a');

        return new StencilNow(
            $s->emulsion->name ?? '',
            $s->coating()->words(),
            $s->coatedAt->format('Y-m-d\TH:i'),
            $s->readyAt->format('Y-m-d\TH:i'),
            $damp,
            $life - $age,
            told: $s->told,
            gaugedEomUm: $s->gaugedEomUm,
            burnedSeconds: $s->burnedSeconds(),
            mind: match (true) {
                $s->carriesOldPicture() => \sprintf(
                    'Frame %s carries the old picture of %s: reclaim it, coat and burn it again.',
                    $s->frame->label,
                    $s->plate()->name ?? '',
                ),
                $s->burnedDamp => \sprintf('Frame %s was burned while still damp: look at it closely, its time teaches nothing.', $s->frame->label),
                $s->isBurned() => '',
                $damp > 0 => \sprintf(
                    'Frame %s is still damp, until about %s. A damp stencil underexposes whatever the clock says.',
                    $s->frame->label,
                    $s->readyAt->format('Y-m-d') === $now->format('Y-m-d') ? $s->readyAt->format('G:i') : $s->readyAt->format('D G:i'),
                ),
                $life < $age => \sprintf(
                    'Frame %s was coated %d days ago; its emulsion keeps %d. It may be fogged: make a step test on it, or coat it anew.',
                    $s->frame->label,
                    $age,
                    $life,
                ),
                default => '',
            },
            oldPicture: $s->carriesOldPicture(),
        );
    }

    private function told(Coating $coating): PredictedStencil
    {
        return $this->model($coating->emulsion)->told($coating);
    }

    private function model(string $emulsion): StencilModel
    {
        return $this->models[$emulsion] ??= new StencilModel($this->readings, [$emulsion]);
    }

    private function coatingOf(Plate $plate, Mesh $mesh): Coating
    {
        $on = $this->shop->stencilOf($plate);

        return $on !== null && $on->told ? $on->coating() : $this->recipe($mesh, $plate->job->emulsion);
    }

    /** What the emulsion’s age means; empty where it is fresh. */
    private static function pot(?Emulsion $emulsion, \DateTimeImmutable $today): string
    {
        $left = $emulsion?->potDaysLeft($today);

        return match (true) {
            $emulsion === null || $left === null || $left > 7 => '',
            $left < 0 => \sprintf(
                '%s was mixed on %s and is over its pot life by %d %s: stencils from it break down early. Mix a fresh pot.',
                $emulsion->name,
                $emulsion->mixedOn,
                -$left,
                $left === -1 ? 'day' : 'days',
            ),
            default => \sprintf('%s has %d %s of its pot life left.', $emulsion->name, $left, $left === 1 ? 'day' : 'days'),
        };
    }
}
