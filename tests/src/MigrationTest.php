<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Kernel;
use Ektype\App\Shop\Job\Jobs;
use PHPUnit\Framework\TestCase;
use Psr\Container\ContainerInterface;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Filesystem\Filesystem;

/** A shop that the version before has made opens as before: nothing of it is lost. */
final class MigrationTest extends TestCase
{
    private \PDO $before;
    private \PDO $after;
    private Kernel $kernel;

    protected function setUp(): void
    {
        $data = getenv('EKTYPE_DATA');
        self::assertIsString($data);
        $files = new Filesystem();
        $files->remove($data);
        $files->mkdir($data);
        $shop = gzdecode((string) file_get_contents(\dirname(__DIR__).'/fixtures/shop-before.db.gz'));
        self::assertIsString($shop);
        file_put_contents($data.'/before.db', $shop);
        file_put_contents($data.'/shop.db', $shop);
        $this->kernel = new Kernel('test', false);
        $application = new Application($this->kernel);
        $application->setAutoExit(false);
        $application->run(new ArrayInput(['command' => 'doctrine:migrations:migrate', '-n' => true, '-q' => true]), new NullOutput());
        $this->before = new \PDO('sqlite:'.$data.'/before.db', null, null, [\PDO::ATTR_DEFAULT_FETCH_MODE => \PDO::FETCH_ASSOC]);
        $this->after = new \PDO('sqlite:'.$data.'/shop.db', null, null, [\PDO::ATTR_DEFAULT_FETCH_MODE => \PDO::FETCH_ASSOC]);
    }

    protected function tearDown(): void
    {
        $this->kernel->shutdown();
        // The console and the kernel each leave Symfony’s handler behind.
        restore_exception_handler();
        restore_exception_handler();
    }

    public function testEveryRowAndEveryColumnThatStaysIsAsItWas(): void
    {
        $gone = ['change', 'work_queue', 'migration', 'sqlite_sequence'];
        $changed = [
            'plate.frame_id',
            'task.state',
            'task.failure',
            'stencil.gauged_eom_um',
            'stencil.burned_seconds',
            'stencil.lamp_id',
            'stencil.lamp_hours',
            'stencil.thickness_um',
            'stencil.sink_check',
            'stencil.plate_id',
        ];
        $seen = 0;
        foreach (self::names($this->before, "SELECT name FROM sqlite_master WHERE type = 'table'") as $table) {
            if (\in_array($table, $gone, true)) {
                continue;
            }
            $columns = array_diff(
                array_intersect(self::columns($this->before, $table), self::columns($this->after, $table)),
                array_map(
                    static fn (string $c): string => str_starts_with($c, $table.'.') ? substr($c, \strlen($table) + 1) : '',
                    $changed,
                ),
            );
            $select = 'SELECT "'.implode('", "', $columns).'" FROM "'.$table.'" ORDER BY id';
            $were = self::rows($this->before, $select);
            self::assertSame($were, \array_slice(self::rows($this->after, $select), 0, \count($were)), $table);
            $seen += \count($were);
        }
        self::assertGreaterThan(600, $seen);
    }

    public function testAPlanHasEveryDecisionThatLayInItsDozenMaps(): void
    {
        $services = $this->kernel->getContainer()->get('test.service_container');
        self::assertInstanceOf(ContainerInterface::class, $services);
        $jobs = $services->get(Jobs::class);
        self::assertInstanceOf(Jobs::class, $jobs);
        $plan = $jobs->whole(1)->spotPlan();
        self::assertSame([5, 0.4, 0.25, true], [$plan->inks, $plan->chokeMm, $plan->trapMm, $plan->printGround]);
        self::assertSame(
            [['#8fb3a2' => '#f0e2b0'], ['#112233'], ['#a8742f'], ['#5f2747' => 11]],
            [$plan->colours->merges, $plan->colours->leftOpen, $plan->colours->splits, $plan->locks],
        );
        self::assertSame(
            [['#fdfdfb' => true], ['#5f2747' => false], ['#12110f' => true], ['#a8742f' => 0.35], '#f0e2b0'],
            [$plan->colours->highlights, $plan->colours->onBase, $plan->colours->overprints, $plan->colours->thicken, $plan->baseFrom],
        );
        self::assertSame(
            ['art/x.scan', 'Straw', 3, 6],
            [$plan->positives[0]->path, $plan->positives[0]->name, $plan->positives[0]->inkId, $plan->positives[0]->marks],
        );
        self::assertSame(
            [12.5, 30.25, 0.4],
            [$plan->positives[0]->weak[0]->xMm, $plan->positives[0]->weak[0]->yMm, $plan->positives[0]->weak[0]->mm2],
        );
        // What was separated and filmed before is so still: nothing must be made again.
        foreach ([2, 3] as $id) {
            $job = $jobs->whole($id);
            self::assertTrue($job->separationIsCurrent(), $job->name);
            self::assertNotNull($job->filmSet());
            self::assertNotNull($job->findings());
        }
        self::assertTrue($jobs->whole(2)->filmsAreCurrent());
    }

    public function testWhatAPlateSaidOfItsScreenIsItsStencils(): void
    {
        foreach (self::rows(
            $this->before,
            'SELECT id, frame_id, gauged_eom_um, burned_seconds, sink_check FROM plate WHERE burned_seconds IS NOT NULL',
        ) as $plate) {
            $stencil = self::rows($this->after, 'SELECT gauged_eom_um, burned_seconds, sink_check, thickness_um, lamp_id FROM stencil WHERE gone_on IS NULL AND plate_id = '.$plate['id'])[0] ?? null;
            self::assertNotNull($stencil, 'plate '.$plate['id']);
            self::assertSame(
                [$plate['gauged_eom_um'], $plate['burned_seconds'], $plate['sink_check']],
                [$stencil['gauged_eom_um'], $stencil['burned_seconds'], $stencil['sink_check']],
            );
            self::assertNotNull($stencil['lamp_id']);
            self::assertGreaterThan($plate['gauged_eom_um'], $stencil['thickness_um']);
        }
    }

    public function testWhatCouldBeTwiceIsOnce(): void
    {
        self::assertSame(
            [['n' => 0]],
            self::rows(
                $this->after,
                'SELECT COUNT(*) AS n FROM (SELECT frame_id FROM plate WHERE frame_id IS NOT NULL GROUP BY frame_id HAVING COUNT(*) > 1)',
            ),
        );
        // The plate whose picture the frame carries keeps it; the other gives it back, and the frame’s record says so.
        self::assertSame([['frame_id' => null]], self::rows($this->after, 'SELECT frame_id FROM plate WHERE job_id = 1 AND position = 0'));
        self::assertNotNull(self::rows($this->after, 'SELECT frame_id FROM plate WHERE job_id = 2 AND position = 1')[0]['frame_id']);
        self::assertCount(1, self::rows($this->after, "SELECT id FROM frame_change WHERE what LIKE 'Two plates had this frame%'"));
        self::assertSame([['n' => 1]], self::rows($this->after, "SELECT COUNT(*) AS n FROM task WHERE state = 'waiting'"));
        foreach (['INSERT INTO task (state, progress, step, failure, attempts, created_at, kind, job_id) SELECT state, progress, step, failure, attempts, created_at, kind, job_id FROM task WHERE state = \'waiting\'', 'UPDATE plate SET frame_id = 3', 'UPDATE stencil SET gone_on = NULL'] as $twice) {
            try {
                $this->after->exec($twice);
                self::fail($twice);
            } catch (\PDOException $refused) {
                self::assertStringContainsString('UNIQUE', $refused->getMessage());
            }
        }
    }

    /** @return list<array<string, mixed>> */
    private static function rows(\PDO $shop, string $sql): array
    {
        $rows = $shop->query($sql);
        self::assertNotFalse($rows);

        return array_values($rows->fetchAll());
    }

    /** @return list<string> */
    private static function names(\PDO $shop, string $sql): array
    {
        return array_map(static fn (array $row): string => \is_string($row['name']) ? $row['name'] : '', self::rows($shop, $sql));
    }

    /** @return list<string> */
    private static function columns(\PDO $shop, string $table): array
    {
        return self::names($shop, "PRAGMA table_info(\"$table\")");
    }
}
