<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use Ektype\App\Shop\Change\Change;
use Ektype\App\Shop\Task\Task;
use PHPUnit\Framework\Attributes\DataProvider;

/** Undo keeps rows whole: it knows no names of fields, so that a new field cannot be forgotten. */
final class UndoTest extends ShopTestCase
{
    protected const BENCHES = ['art/bench', 'plates', 'films', 'screens', 'light', 'press', 'run'];

    /** What nobody takes back: the record of undo itself, and work under way. */
    private const ASIDE = [Change::class, Task::class];

    /**
     * Every column of every entity, as Doctrine’s metadata have them, is changed through the entity manager and taken back:
     * whatever it was, it is again.
     */
    public function testEveryFieldOfEveryEntityIsTakenBack(): void
    {
        $this->fullShop();
        $entities = $this->entities();
        $checked = 0;
        foreach ($entities->getMetadataFactory()->getAllMetadata() as $class) {
            if ($class->isEmbeddedClass || \in_array($class->getName(), self::ASIDE, true)) {
                continue;
            }
            $row = $this->row($class);
            self::assertNotNull($row, $class->getName().' is in the full shop');
            $journal = self::getContainer()->get(\Ektype\App\Action\Undo\RowJournal::class);
            $store = self::getContainer()->get(\Ektype\App\Shop\Change\RowStore::class);
            self::assertInstanceOf(\Ektype\App\Action\Undo\RowJournal::class, $journal);
            self::assertInstanceOf(\Ektype\App\Shop\Change\RowStore::class, $store);
            // The row goes and comes back whole: all columns that the metadata name stand in what undo keeps.
            $one = $entities->find($class->getName(), $row['id']);
            self::assertNotNull($one);
            $this->connection()->beginTransaction();
            $this->connection()->executeStatement('PRAGMA defer_foreign_keys = ON');
            $journal->begin();
            $entities->remove($one);
            $entities->flush();
            $touched = array_values(
                array_filter($journal->end()->rows, static fn ($r): bool => $r->table === $class->getTableName() && $r->id === $row['id']),
            );
            self::assertCount(1, $touched, $class->getName());
            self::assertNull($touched[0]->after);
            self::assertEqualsCanonicalizing($this->columns($class), array_keys($touched[0]->before ?? []), $class->getName());
            $store->takeBack($touched);
            self::assertSame($row, $this->row($class));
            $this->connection()->rollBack();
            $entities->clear();
            ++$checked;
        }
        self::assertGreaterThanOrEqual(13, $checked);
    }

    /** @return iterable<string, array{string, string, mixed, string}> */
    public static function doings(): iterable
    {
        yield 'an ink' => [
            'PUT',
            '/api/shop/inks/1',
            ['name' => 'Other white', 'hex' => '#f0f0f0', 'kind' => 'water-based', 'hidingPct' => 80],
            'Ink Other white',
        ];
        yield 'a frame' => [
            'PUT',
            '/api/shop/frames/24',
            [
                'label' => '24b',
                'threadsPerCm' => 48,
                'threadUm' => 70,
                'dyed' => false,
                'insideWidthMm' => 500,
                'insideHeightMm' => 600,
                'tensionNPerCm' => 21,
            ],
            'Frame 24b',
        ];
        yield 'a lamp' => [
            'PUT',
            '/api/shop/lamps/1',
            ['name' => 'LED table', 'kind' => 'metal_halide', 'hours' => 500, 'distanceMm' => 700],
            'Lamp LED table',
        ];
        yield 'an emulsion' => [
            'PUT',
            '/api/shop/emulsions/2',
            ['name' => 'Quicker', 'kind' => 'diazo', 'solidsPct' => 30, 'coatedLifeDays' => 5],
            'Emulsion Quicker',
        ];
        yield 'a press in use' => [
            'PUT',
            '/api/shop/presses/1',
            [
                'name' => 'Six-colour rotary',
                'kind' => 'rotary',
                'heads' => 8,
                'platens' => 8,
                'centreFromEndMm' => 250,
                'registerSigmaMm' => 0.2,
                'knobs' => [],
            ],
            'Press Six-colour rotary',
        ];
        yield 'a film printer' => [
            'PUT',
            '/api/shop/printers/1',
            ['name' => 'Inkjet', 'dpi' => 720, 'mediaWidthMm' => 432],
            'Film printer Inkjet',
        ];
        yield 'a mesh' => [
            'PUT',
            '/api/shop/meshes/1',
            ['threadsPerCm' => 48, 'threadUm' => 70, 'dyed' => false, 'openingUm' => 130, 'thicknessUm' => 116],
            '48',
        ];
        yield 'the room' => ['PATCH', '/api/darkroom/room', ['temperatureC' => 18, 'humidityPct' => 60], 'Air'];
        yield 'a step test' => [
            'POST',
            '/api/step-tests',
            ['lampId' => 1, 'emulsionId' => 1, 'thicknessUm' => 100, 'bestS' => 20],
            'Step test',
        ];
        yield 'a step test forgotten' => ['DELETE', '/api/step-tests/3', null, 'tep test'];
        yield 'an ink taken off' => ['DELETE', '/api/shop/inks/13', null, 'taken off'];
    }

    /** On a job’s page undo is that job’s, on a shelf that shelf’s, whatever was done elsewhere since. */
    public function testUndoIsOfThePlaceWhereThePageStands(): void
    {
        $this->fullShop();
        [$one, $two] = [$this->bring('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><path d="M1 1h7v7z" fill="#f00"/></svg>')['id'], $this->bring('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><path d="M1 1h7v7z" fill="#00f"/></svg>')['id']];
        $this->ask('PATCH', "/api/jobs/$one", ['notes' => 'first']);
        // So much is done elsewhere that the shop looks back more than once.
        for ($pieces = 20; $pieces > 7; --$pieces) {
            $this->ask('PATCH', "/api/jobs/$two/order", ['quantity' => $pieces]);
        }
        $this->ask('PATCH', "/api/jobs/$two/order", ['quantity' => 7]);
        $this->ask('PATCH', '/api/darkroom/room', ['temperatureC' => 18, 'humidityPct' => 60]);
        $can = fn (string $place): string => $this->ask('GET', "/api/undo?place=$place")['undoes'];
        self::assertStringContainsString('Note', $can("job-$one"));
        self::assertStringContainsString('Quantity', $can("job-$two"));
        self::assertStringContainsString('Air', $can('darkroom'));
        self::assertStringNotContainsString('Air', $can('jobs'));
        self::assertStringContainsString('Air', $can(''));

        $this->ask('POST', "/api/undo?place=job-$one");
        self::assertSame('', $this->ask('GET', "/api/jobs/$one")['notes']);
        self::assertSame(7, $this->ask('GET', "/api/jobs/$two")['quantity'], 'the other job stays');
        self::assertSame(18.0, (float) $this->ask('GET', '/api/darkroom')['room']['temperatureC']);
        $this->ask('POST', "/api/redo?place=job-$one");
        self::assertSame('first', $this->ask('GET', "/api/jobs/$one")['notes']);
        $this->ask('GET', '/api/undo?place=elsewhere', null, 422);
    }

    #[DataProvider('doings')]
    public function testWhatIsDoneOnAnyShelfIsTakenBackAndDoneAgain(string $method, string $path, mixed $body, string $what): void
    {
        $before = $this->shelves();
        $this->browser->request(
            $method,
            $path,
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            $body === null ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        );
        self::assertLessThan(300, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
        $after = $this->shelves();
        self::assertNotSame($before, $after);
        self::assertStringContainsString($what, $this->ask('GET', '/api/undo')['undoes']);
        $this->ask('POST', '/api/undo');
        self::assertSame($before, $this->shelves());
        $this->ask('POST', '/api/redo');
        self::assertSame($after, $this->shelves());
        self::assertStringContainsString('nothing to do again', $this->ask('POST', '/api/redo', null, 422)['detail']);
    }

    public function testStepTestsAndStencilsKeepToWhatTheyWereMadeWith(): void
    {
        $tests = $this->ask('GET', '/api/shop')['tests'];
        $this->ask('POST', '/api/frames/9/coat', ['emulsionId' => 1]);
        $coated = $this->ask('GET', '/api/frames/9')['stencil']['coating'];
        $this->ask('PUT', '/api/shop/lamps/1', ['name' => 'LED table', 'kind' => 'led', 'hours' => 900, 'distanceMm' => 400]);
        $this->ask('PUT', '/api/shop/emulsions/1', ['name' => 'Harbour dual-cure', 'kind' => 'dual_cure', 'solidsPct' => 20]);
        self::assertSame($tests, $this->ask('GET', '/api/shop')['tests']);
        self::assertSame($coated, $this->ask('GET', '/api/frames/9')['stencil']['coating']);
        self::assertSame(
            40.0,
            (float) $this->connection()->fetchOne('SELECT solids_pct FROM stencil WHERE frame_id = 9 AND gone_on IS NULL'),
            'the solids that it was coated with',
        );
    }

    public function testAJobIsRenamedCopiedFinishedAndDeletedAndEachIsTakenBack(): void
    {
        $id = $this->bring(self::twoDots(), ['name' => 'Two dots'])['id'];
        $this->work();
        $this->ask('POST', "/api/jobs/$id/frames");
        $this->ask('PATCH', "/api/jobs/$id/colours", ['lock' => ['hex' => '#b84a30', 'inkId' => 5]]);
        $stood = $this->ask('GET', "/api/jobs/$id");

        $this->ask('PATCH', "/api/jobs/$id", ['name' => 'Two discs']);
        self::assertSame('Two discs', $this->ask('GET', "/api/jobs/$id")['name']);
        $this->undo($id);

        $copy = $this->ask('POST', "/api/jobs/$id/copy", null, 201);
        self::assertNotSame($id, $copy['id']);
        $this->work();
        $copy = $this->ask('GET', '/api/jobs/'.$copy['id']);
        self::assertSame([5], array_values(array_diff(array_column($copy['palette'], 'lockedInkId'), [null])), 'what was decided goes along');
        self::assertCount(3, $copy['plates']);
        self::assertSame([null], array_values(array_unique(array_column($copy['plates'], 'frameId'))), 'its screens are still to be made');

        $finished = $this->ask('POST', "/api/jobs/$id/finish");
        self::assertNotNull($finished['finishedOn']);
        self::assertSame([null], array_values(array_unique(array_column($finished['plates'], 'frameId'))), 'the frames are free again');
        $this->undo($id);
        self::assertSame(array_column($stood['plates'], 'frameId'), array_column($this->ask('GET', "/api/jobs/$id")['plates'], 'frameId'));

        self::assertCount(1, $this->ask('DELETE', "/api/jobs/$id")['jobs']);
        $this->ask('GET', "/api/jobs/$id", null, 404);
        $this->ask('POST', '/api/undo');
        $back = $this->ask('GET', "/api/jobs/$id");
        unset($stood['turn'], $back['turn'], $stood['task'], $back['task']);
        self::assertSame($stood, $back, 'with its plates, their frames, and every decision');
    }

    public function testAHeadThatDidNotChangeIsNotSentAgain(): void
    {
        $id = $this->twoDotsSeparated();
        $this->browser->request('GET', "/api/jobs/$id");
        $tag = $this->browser->getResponse()->headers->get('ETag');
        self::assertNotNull($tag);
        self::assertLessThan(9000, \strlen((string) $this->browser->getResponse()->getContent()), 'the head is small');
        $this->browser->request('GET', "/api/jobs/$id", [], [], ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertSame(304, $this->browser->getResponse()->getStatusCode());
        $this->ask('PATCH', "/api/jobs/$id/order", ['quantity' => 7]);
        $this->browser->request('GET', "/api/jobs/$id", [], [], ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
    }

    /** A shop in which every table has a row. */
    private function fullShop(): void
    {
        $id = $this->twoDotsSeparated();
        $this->ask('POST', "/api/jobs/$id/frames");
        $frame = $this->ask('GET', "/api/jobs/$id")['plates'][0]['frameId'];
        $this->ask('POST', "/api/frames/$frame/coat", []);
        $this->ask('POST', "/api/jobs/$id/gain", ['readings' => [['filmPct' => 25, 'printedPct' => 40], ['filmPct' => 50, 'printedPct' => 70], ['filmPct' => 75, 'printedPct' => 88]]], 201);
        $plate = $this->ask('GET', "/api/jobs/$id")['plates'][1]['id'];
        $this->ask('PATCH', "/api/plates/$plate", ['prints' => [['readings' => [['mark' => 'top', 'at' => ['xMm' => 0, 'yMm' => 50], 'off' => ['xMm' => 0.9, 'yMm' => 0.4]], ['mark' => 'bottom', 'at' => ['xMm' => 0, 'yMm' => -50], 'off' => ['xMm' => 0.9, 'yMm' => 0.4]]]]]]);
        $this->ask('POST', "/api/plates/$plate/turned");
        $this->ask('POST', "/api/jobs/$id/run/count", ['sentMs' => 1, 'events' => [['id' => 'a', 'atMs' => 1, 'kind' => 'misprint', 'cause' => 'smeared', 'xMm' => 1, 'yMm' => 2]]]);
        $this->ask('POST', "/api/jobs/$id/dryers", ['name' => 'Tunnel']);
        $this->ask('PATCH', "/api/jobs/$id/rates", ['hourCents' => 3000]);
        $this->entities()->clear();
        $this->ask('POST', '/api/ink-trials', ['name' => 'Soft white', 'overBlack' => '#d8d6d0', 'overWhite' => '#f2f1ec', 'matDown' => 4, 'centsPerKg' => 1500]);
    }

    /** @return array<mixed> */
    private function shelves(): array
    {
        $plan = $this->ask('GET', '/api/darkroom');

        return [$this->ask('GET', '/api/shop'), $plan['room']];
    }

    /**
     * @param ClassMetadata<object> $class
     *
     * @return list<string>
     */
    private function columns(ClassMetadata $class): array
    {
        $columns = array_values(array_map(static fn ($field): string => $field->columnName, $class->fieldMappings));
        foreach ($class->associationMappings as $mapping) {
            if ($mapping->isToOneOwningSide()) {
                $columns[] = $mapping->joinColumns[0]->name;
            }
        }

        return $columns;
    }

    /**
     * @param ClassMetadata<object> $class
     *
     * @return array<string, mixed>|null
     */
    private function row(ClassMetadata $class): ?array
    {
        $row = $this->connection()->fetchAssociative('SELECT * FROM '.$class->getTableName().' ORDER BY id DESC LIMIT 1');

        return $row === false ? null : $row;
    }

    private function entities(): EntityManagerInterface
    {
        $entities = self::getContainer()->get('doctrine.orm.default_entity_manager');
        self::assertInstanceOf(EntityManagerInterface::class, $entities);

        return $entities;
    }
}
