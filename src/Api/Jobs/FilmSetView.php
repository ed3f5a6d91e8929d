<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Unit\Given;
use OpenApi\Attributes as OA;

/** What the light table read back from the films that were written, and how they lie on the media. */
#[OA\Schema]
final readonly class FilmSetView
{
    /**
     * @param list<string>       $says
     * @param list<FilmReadView> $films
     * @param list<NestedView>   $nested
     */
    private function __construct(
        #[OA\Property]
        public bool $inRegister,
        #[OA\Property]
        public float $worstMm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $says,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FilmReadView::class))]
        public array $films,
        #[OA\Property]
        public float $filmWidthMm,
        #[OA\Property]
        public float $filmHeightMm,
        #[OA\Property]
        public float $marginXMm,
        #[OA\Property]
        public float $marginYMm,
        #[OA\Property]
        public float $mediaWidthMm,
        #[OA\Property]
        public float $pageLengthMm,
        #[OA\Property]
        public float $usedMm,
        #[OA\Property]
        public int $pages,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NestedView::class))]
        public array $nested,
    ) {
    }

    /** @param array<string, mixed>|null $stored */
    public static function of(?array $stored): ?self
    {
        if ($stored === null) {
            return null;
        }
        $given = Given::of($stored);
        $media = $given->object('media');
        [$width, $height] = $given->pair('film_mm');
        [$marginX, $marginY] = $given->pair('margin_mm');

        return new self(
            $given->flag('in_register'),
            $given->number('worst_mm'),
            $given->texts('says'),
            array_map(static fn (Given $f): FilmReadView => new FilmReadView($f->text('file'), \count($f->objects('marks')), $f->numberOr('worst_mm', null)), $given->objects('films')),
            $width,
            $height,
            $marginX,
            $marginY,
            $media->number('width_mm'),
            $media->number('page_length_mm'),
            $media->number('used_mm'),
            $media->whole('pages', 0, 1000),
            array_map(static fn (Given $p): NestedView => new NestedView($p->whole('page', 0, 1000), $p->number('x_mm'), $p->number('y_mm'), $p->flag('turned')), $media->objects('places')),
        );
    }
}
