<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Stencil;

use Ektype\App\Shop\DarkRoom\DarkRooms;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\CoatSchool;
use Ektype\Core\Screen\GaugedCoating;
use Ektype\Core\Screen\PredictedStencil;
use Ektype\Core\Screen\StencilModel;

/** How this shop would coat a mesh, and what comes of it, from what it has gauged so far. */
final readonly class Recipes
{
    public function __construct(private Stencils $stencils, private DarkRooms $rooms)
    {
    }

    public function for(Mesh $mesh, ?Emulsion $emulsion): Coating
    {
        $room = $this->rooms->ours();
        $like = self::like($mesh, $emulsion, $room->sharpFromPerInch);

        return $this->model($like->emulsion)->recipe(
            $like,
            $room->sharpFromPerInch,
            $room->coatSchool === CoatSchool::Shine ? StencilModel::UNTIL_IT_SHINES : null,
        );
    }

    public function told(Coating $coating): PredictedStencil
    {
        return $this->model($coating->emulsion)->told($coating);
    }

    /** Fabric and stencil where light must reach through, µm. */
    public function thicknessUm(Stencil $stencil): float
    {
        return $stencil->frame->mesh()->thicknessUm + ($stencil->gaugedEomUm ?? $this->told(
            $stencil->told ? $stencil->coating() : $this->for($stencil->frame->mesh(), $stencil->emulsion),
        )->eomUm);
    }

    public function dryHours(Coating $coating): float
    {
        return $this->rooms->ours()->air()->dryHours(StencilModel::waterUm($coating, $this->told($coating)->eomUm));
    }

    public static function like(Mesh $mesh, ?Emulsion $emulsion, float $sharpFromPerInch): Coating
    {
        return $emulsion?->filmUm !== null
            ? Coating::film($mesh, $emulsion->filmUm, $emulsion->name)
            : new Coating(
                $mesh,
                Coating::edgeFor($mesh, $sharpFromPerInch),
                1,
                1,
                $emulsion->solidsPct ?? Coating::USUAL_SOLIDS_PCT,
                $emulsion->name ?? '',
            );
    }

    private function model(string $emulsion): StencilModel
    {
        return new StencilModel(
            array_map(
                static fn (Stencil $s): GaugedCoating => new GaugedCoating($s->coating(), (float) $s->gaugedEomUm),
                $this->stencils->gauged(),
            ),
            [$emulsion],
        );
    }
}
