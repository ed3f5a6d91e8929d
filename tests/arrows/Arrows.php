<?php

declare(strict_types=1);

namespace Ektype\Tests\arrows;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Which room of the house may know which: kept by PHPStan at every run. */
final class Arrows
{
    private const STAGES = ['Art', 'Plates', 'Films', 'Screens', 'Light', 'Press', 'Run'];

    #[TestRule]
    public function coreKnowsOnlyItself(): Rule
    {
        return PHPat::rule()->classes(Selector::inNamespace('Ektype\Core'))->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('Ektype\App'),
                Selector::inNamespace('Symfony'),
                Selector::inNamespace('Doctrine'),
                Selector::inNamespace('Psr'),
                Selector::inNamespace('League'),
            )
            ->because('the trade is reckoned without an application round it');
    }

    #[TestRule]
    public function theShopKnowsNothingAboveIt(): Rule
    {
        return self::not(
            self::room('Shop'),
            ['Action', 'Query', 'Api', 'Request', 'Work', 'Console', 'Demo', 'Device'],
            'what is kept does not know who keeps it',
        );
    }

    #[TestRule]
    public function actionsKnowShopAndCore(): Rule
    {
        return self::not(
            self::room('Action'),
            ['Query', 'Api', 'Request', 'Work', 'Console', 'Demo', 'Device'],
            'a change is the same whoever asks for it',
        );
    }

    #[TestRule]
    public function looksChangeNothing(): Rule
    {
        return self::not(self::room('Query'), ['Action', 'Api', 'Request', 'Console', 'Demo'], 'a look at the shop changes nothing');
    }

    #[TestRule]
    public function longWorkEntersAtTheActions(): Rule
    {
        return self::not(self::room('Work'), ['Query', 'Api', 'Request', 'Console', 'Demo', 'Device'], 'a worker is no page');
    }

    #[TestRule]
    public function requestsKnowNoRoom(): Rule
    {
        return self::not(
            self::room('Request'),
            ['Shop', 'Action', 'Query', 'Api', 'Work', 'Console', 'Demo', 'Device'],
            'pages and commands read the same way',
        );
    }

    #[TestRule]
    public function pagesKnowNeitherCommandsNorDemo(): Rule
    {
        return self::not(self::room('Api'), ['Console', 'Demo', 'Device'], 'the pages stand on actions and looks');
    }

    #[TestRule]
    public function commandsKnowNoPages(): Rule
    {
        return PHPat::rule()->classes(
            self::room('Console'),
        )->shouldNot()->dependOn()
            ->classes(self::room('Api'), self::room('Demo'))->because('a command enters at actions and looks, like a page');
    }

    #[TestRule]
    public function theDemoIsAUserLikeOthers(): Rule
    {
        return self::not(self::room('Demo'), ['Api', 'Console', 'Request'], 'the demo is made by the same changes as a real shop');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function noStageKnowsAnother(): iterable
    {
        foreach (['Api', 'Query', 'Action'] as $room) {
            foreach (self::STAGES as $stage) {
                $others = array_map(
                    static fn (string $other): SelectorInterface => self::room($room.'\\'.$other),
                    array_values(array_diff(self::STAGES, [$stage])),
                );
                yield $room.' '.$stage => PHPat::rule()->classes(
                    self::room($room.'\\'.$stage),
                )->shouldNot()->dependOn()->classes(...$others)->because('a stage is changed without looking at the next');
            }
        }
    }

    /** @param list<string> $rooms */
    private static function not(SelectorInterface $subject, array $rooms, string $why): Rule
    {
        return PHPat::rule()->classes($subject)->shouldNot()->dependOn()->classes(...array_map(self::room(...), $rooms))->because($why);
    }

    private static function room(string $name): SelectorInterface
    {
        return Selector::inNamespace('Ektype\App\\'.$name);
    }
}
