<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Film\NestedFilm;

/** A film set as the shop stores it. */
final class KeptFilmSet
{
    /** @param array<string, mixed> $stored */
    public static function read(array $stored): FilmSet
    {
        $kept = Kept::of($stored);
        $media = $kept->object('media');
        [$width, $height] = $kept->pair('film_mm');
        [$marginX, $marginY] = $kept->pair('margin_mm');

        return new FilmSet(
            $kept->flag('in_register'),
            $kept->number('worst_mm'),
            $kept->texts('says'),
            array_map(
                static fn (Kept $f): FilmRead => new FilmRead($f->text('file'), \count($f->lists('marks')), $f->numberOr('worst_mm', null)),
                $kept->objects('films'),
            ),
            array_map(static fn (mixed $mesh): ?string => \is_string($mesh) ? $mesh : null, array_values($kept->lists('meshes'))),
            new MediaUsed(
                $width,
                $height,
                $marginX,
                $marginY,
                $media->number('width_mm'),
                $media->number('page_length_mm'),
                usedMm: $media->number('used_mm'),
                pages: $media->whole('pages', 0, 1000),
            ),
            nested: array_map(
                static fn (Kept $p): NestedFilm => new NestedFilm(
                    $p->has('film') ? $p->whole('film', 0, 999) : 0,
                    $p->whole('page', 0, 1000),
                    $p->number('x_mm'),
                    $p->number('y_mm'),
                    $p->flag('turned'),
                ),
                $media->objects('places'),
            ),
            // Films of earlier versions had none.
            strip: $kept->has('strip') && $kept->flag('strip'),
        );
    }

    /** @return array<string, mixed> */
    public static function written(FilmSet $set): array
    {
        $media = $set->media;

        return [
            'in_register' => $set->inRegister,
            'worst_mm' => $set->worstMm,
            'says' => $set->says,
            'films' => array_map(
                static fn (FilmRead $f): array => ['file' => $f->file, 'marks' => array_fill(0, $f->marks, 1), 'worst_mm' => $f->worstMm],
                $set->films,
            ),
            'meshes' => $set->meshes,
            'media' => [
                'width_mm' => $media->mediaWidthMm,
                'page_length_mm' => $media->pageLengthMm,
                'used_mm' => $media->usedMm,
                'pages' => $media->pages,
                'places' => array_map(
                    static fn (NestedFilm $p): array => [
                        'film' => $p->film,
                        'page' => $p->page,
                        'x_mm' => $p->xMm,
                        'y_mm' => $p->yMm,
                        'turned' => $p->turned,
                    ],
                    $set->nested,
                ),
            ],
            'film_mm' => [$media->filmWidthMm, $media->filmHeightMm],
            'strip' => $set->strip,
            'margin_mm' => [$media->marginXMm, $media->marginYMm],
        ];
    }
}
