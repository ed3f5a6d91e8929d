<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Request;

use Ektype\App\Api\Art\ColourPatch;
use Ektype\App\Api\Art\OrderPatch;
use Ektype\App\Api\Art\SizePatch;
use Ektype\App\Api\Films\FilmsPatch;
use Ektype\App\Api\Jobs\JobPatch;
use Ektype\App\Api\Rack\TensionRead;
use Ektype\App\Api\Shelves\MeshEntry;
use Ektype\App\Api\Shelves\PressEntry;
use Ektype\App\Console\Asked\ExposureAsked;
use Ektype\App\Console\Asked\RegisterAsked;
use Ektype\App\Request\DayValidator;
use Ektype\App\Request\FieldAtFault;
use Ektype\App\Request\RequestReader;
use Ektype\App\Request\Spelling;
use Ektype\App\Request\UnreadableRequest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Validator\ConstraintValidatorFactory;
use Symfony\Component\Validator\Validation;

final class RequestReaderTest extends TestCase
{
    /** @return iterable<string, array{string, class-string, Spelling, string, string}> */
    public static function wrong(): iterable
    {
        $camel = Spelling::Camel;
        $snake = Spelling::Snake;
        yield 'no json' => ['{"widthMm":', SizePatch::class, $camel, '', 'not JSON'];
        yield 'a list' => ['[1]', JobPatch::class, $camel, '', 'one JSON object'];
        yield 'a name that nobody knows' => ['{"widhtMm": 200}', SizePatch::class, $camel, 'widhtMm', 'is not known here'];
        yield 'text for a number' => ['{"widthMm": "200"}', SizePatch::class, $camel, 'widthMm', '“200”, not a number'];
        yield 'a part of a number' => ['{"quantity": 1.5}', OrderPatch::class, $camel, 'quantity', 'Only whole numbers'];
        yield 'out of range' => ['{"acrossMm": 900}', SizePatch::class, $camel, 'acrossMm', 'from -500 to 500 mm'];
        yield 'nothing for a name' => ['{"name": "  "}', JobPatch::class, $camel, 'name', 'is empty'];
        yield 'a name too long' => ['{"garment": "'.str_repeat('a', 61).'"}', OrderPatch::class, $camel, 'garment', 'Shorten it to 60'];
        yield 'a cloth that is none' => ['{"substrate": "silk"}', OrderPatch::class, $camel, 'substrate', 'Use one of: cotton, polyester'];
        yield 'a word for yes' => ['{"stepWedge": "yes"}', FilmsPatch::class, $camel, 'stepWedge', 'Say yes or no'];
        yield 'a colour that is none' => ['{"garmentHex": "navy"}', OrderPatch::class, $camel, 'garmentHex', 'six hexadecimal digits'];
        yield 'a day that is none' => ['{"dueOn": "2026-02-30"}', JobPatch::class, $camel, 'dueOn', 'no date'];
        yield 'within' => ['{"lock": {"hex": "#aabbcc"}}', ColourPatch::class, $camel, 'lock.inkId', 'is missing'];
        yield 'four places for five' => [
            '{"along": [20,20,20,20], "across": [20,20,20,20,20]}',
            TensionRead::class,
            $camel,
            'along',
            'corners and the middle',
        ];
        yield 'a tension that is none' => [
            '{"along": [20,20,20,20,90], "across": [20,20,20,20,20]}',
            TensionRead::class,
            $camel,
            'along[4]',
            'N/cm',
        ];
        yield 'a day to come' => [
            '{"along": [20,20,20,20,20], "across": [20,20,20,20,20], "doneOn": "2026-11-27"}',
            TensionRead::class,
            $camel,
            'doneOn',
            'in the future',
        ];
        yield 'missing' => ['{"threadsPerCm": 77}', MeshEntry::class, $camel, 'threadUm', 'is missing'];
        yield 'a knob without a push' => ['{"name": "P", "heads": 6, "platens": 4, "centreFromEndMm": 270, "knobs": [{"name": "left", "at": {"xMm": 1, "yMm": 2}, "mmPerTurn": 1}]}', PressEntry::class, $camel, 'knobs[0].pushes', 'is missing'];
        yield 'in a file' => [
            '{"ask": [{"lamp": "L", "emulsion": "E", "thickness_um": 1}]}',
            ExposureAsked::class,
            $snake,
            'ask[0].thickness_um',
            'from 5 to 2000 µm',
        ];
        yield 'nothing asked' => ['{"ask": []}', ExposureAsked::class, $snake, 'ask', 'at least one setting'];
        yield 'three for two' => [
            '{"prints": [{"readings": [{"at_mm": [1, 2, 3], "off_mm": [0, 0]}]}]}',
            RegisterAsked::class,
            $snake,
            'prints[0].readings[0].at_mm',
            'two numbers',
        ];
    }

    /** @param class-string $type */
    #[DataProvider('wrong')]
    public function testWhatCannotBeReadIsRefusedAtItsField(
        string $json,
        string $type,
        Spelling $spelling,
        string $field,
        string $sentence,
    ): void {
        try {
            self::reader()->json($json, $type, $spelling);
            self::fail('This was to be refused.');
        } catch (UnreadableRequest $unread) {
            self::assertSame($field, $unread->faults[0]->field, $unread->getMessage());
            self::assertStringContainsString($sentence, $unread->getMessage());
            self::assertSame('#/'.strtr($field, ['.' => '/', '[' => '/', ']' => '']), $unread->faults[0]->pointer());
        }
    }

    public function testEveryFaultIsTold(): void
    {
        try {
            self::reader()->json('{"acrossMm": 900, "dropMm": -900, "widthMm": 1}', SizePatch::class);
            self::fail('This was to be refused.');
        } catch (UnreadableRequest $unread) {
            self::assertEqualsCanonicalizing(['acrossMm', 'dropMm', 'widthMm'], array_column($unread->faults, 'field'));
        }
    }

    public function testWhatIsNotNamedStays(): void
    {
        $patch = self::reader()->json('{"dropMm": 12, "widthMm": 240}', SizePatch::class);
        self::assertSame([12.0, 240.0, null], [$patch->dropMm, $patch->widthMm, $patch->acrossMm]);
        self::assertCount(2, $patch->changes(1));
    }

    public function testWordsOfAnAddressBecomeNumbersExceptWhereTheyAreNames(): void
    {
        $form = self::reader()->words(
            ['widthMm' => '60', 'garmentHex' => '#1b2436', 'name' => '1984'],
            \Ektype\App\Api\Jobs\NewJob::class,
            ['name'],
        );
        self::assertSame(60.0, $form->widthMm);
        self::assertSame('1984', $form->name);
    }

    /** @param class-string $type */
    #[TestWith(['thread', MeshEntry::class, Spelling::Camel, 'threadUm'])]
    #[TestWith(['threads', MeshEntry::class, Spelling::Camel, 'threadsPerCm'])]
    #[TestWith(['opening', MeshEntry::class, Spelling::Camel, 'openingUm'])]
    #[TestWith(['humidity', \Ektype\App\Api\Darkroom\RoomPatch::class, Spelling::Camel, 'humidityPct'])]
    #[TestWith(['air', \Ektype\App\Api\Darkroom\RoomPatch::class, Spelling::Camel, 'airMS'])]
    #[TestWith(['closes', \Ektype\App\Api\Darkroom\RoomPatch::class, Spelling::Camel, 'closesH'])]
    #[TestWith(['frame', \Ektype\App\Api\Plates\PlatePatch::class, Spelling::Camel, 'frameId'])]
    #[TestWith(['knobs[1].pushes', PressEntry::class, Spelling::Camel, 'knobs[1].pushes'])]
    #[TestWith(['framing.turn', SizePatch::class, Spelling::Camel, 'framing.turnDeg'])]
    #[TestWith(['tests[2].low', ExposureAsked::class, Spelling::Snake, 'tests[2].low_s'])]
    #[TestWith(['prints[0].readings[3].at', RegisterAsked::class, Spelling::Snake, 'prints[0].readings[3].at_mm'])]
    #[TestWith(['solids', MeshEntry::class, Spelling::Camel, null])]
    public function testAQuantityOfTheCoreIsFoundInTheFieldThatHoldsIt(string $on, string $type, Spelling $spelling, ?string $field): void
    {
        self::assertSame($field, FieldAtFault::of($on, $type, $spelling));
    }

    private static function reader(): RequestReader
    {
        $clock = new MockClock('2026-11-26 10:00');

        return new RequestReader(
            Validation::createValidatorBuilder()->enableAttributeMapping()->setConstraintValidatorFactory(
                new ConstraintValidatorFactory([DayValidator::class => new DayValidator($clock)]),
            )->getValidator(),
        );
    }
}
