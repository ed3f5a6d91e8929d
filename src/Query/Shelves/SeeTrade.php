<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\SinkSign;
use Ektype\Core\Film\FilmFormat;
use Ektype\Core\Flash\FlashKind;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Order\Sizes;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\UsualGarments;
use Ektype\Core\Registration\KnobLayout;
use Ektype\Core\Screen\CoatSchool;
use Ektype\Core\Screen\FrameState;

/** The lists of the trade. */
final class SeeTrade
{
    public function lists(): TradeLists
    {
        return new TradeLists(
            substrates: array_column(Substrate::cases(), 'value'),
            garments: UsualGarments::GARMENTS,
            places: UsualGarments::PLACES,
            kinds: new KindsOfThings(
                inkKinds: array_column(InkKind::cases(), 'value'),
                lampKinds: array_map(static fn (LampKind $k): NamedKind => new NamedKind($k->value, $k->says()), LampKind::cases()),
                emulsionKinds: array_map(static fn (EmulsionKind $k): NamedKind => new NamedKind($k->value, $k->says()), EmulsionKind::cases()),
                flashKinds: array_map(static fn (FlashKind $k): NamedKind => new NamedKind($k->value, $k->value), FlashKind::cases()),
                pressKinds: array_map(static fn (PressKind $k): NamedKind => new NamedKind($k->value, $k->says()), PressKind::cases()),
                knobLayouts: array_map(KnobsOffered::of(...), KnobLayout::cases()),
                frameStates: array_column(FrameState::cases(), 'value'),
            ),
            filmFormats: array_column(FilmFormat::cases(), 'value'),
            rulingSchools: RulingSchool::all(),
            edgeFrom: CoatSchool::EDGE_FROM,
            sinkSigns: SinkSign::all(),
            sizes: Sizes::USUAL,
        );
    }
}
