<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Doctrine\DBAL\Connection;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\LongWork;
use Ektype\App\Demo\DemoShelves;
use Ektype\App\Kernel;
use Ektype\App\Work\Long\LongWorkHandler;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** An empty shop with filled shelves for each test. */
abstract class ShopTestCase extends WebTestCase
{
    /** @var list<string> the benches that a class of tests looks at beside the head of a job */
    protected const BENCHES = [];
    /** @var array<string, true> shops made in this process */
    private static array $made = [];
    protected KernelBrowser $browser;

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    protected function setUp(): void
    {
        if (!isset(self::$made['shelves'])) {
            self::fillShelves();
            self::keep('shelves');
        }
        $this->open('shelves');
    }

    /** A shop with filled shelves. */
    private static function fillShelves(): void
    {
        $files = new Filesystem();
        $files->remove(self::data());
        $files->mkdir(self::data());
        $kernel = self::bootKernel(['debug' => false]);
        $application = new Application($kernel);
        $application->setAutoExit(false);
        $application->run(new ArrayInput(['command' => 'shop:open', '-n' => true]), new NullOutput());
        $door = self::getContainer()->get(ShopDoor::class);
        self::assertInstanceOf(ShopDoor::class, $door);
        $door->do(new DemoShelves());
    }

    /** The shop as it stands goes by a name from now on; for each test that opens it by that name it is copied. */
    private static function keep(string $shop): void
    {
        self::close();
        $files = new Filesystem();
        $files->remove(self::data().'-'.$shop);
        $files->rename(self::data(), self::data().'-'.$shop);
        self::$made[$shop] = true;
    }

    private static function close(): void
    {
        self::ensureKernelShutdown();
        // Symfony's error handler stays behind; PHPUnit wants its own back.
        restore_exception_handler();
    }

    private function open(string $shop): void
    {
        $files = new Filesystem();
        $files->remove(self::data());
        $files->mirror(self::data().'-'.$shop, self::data());
        $this->browser = self::createClient(['debug' => false], ['HTTP_X_PAGE' => 'test page']);
        $this->browser->disableReboot();
    }

    /** Two dots on navy, 60 mm wide, separated: the job that most tests begin with. */
    protected function twoDotsSeparated(): int
    {
        return $this->beginWith('two dots', function (): void {
            $this->bring(self::twoDots());
            $this->work();
        });
    }

    /** The same with its films written and a frame for each plate. */
    protected function twoDotsOnFrames(): int
    {
        return $this->beginWith('two dots on frames', function (): void {
            $id = $this->bring(self::twoDots())['id'];
            $this->work();
            $this->ask('POST', "/api/jobs/$id/films", null, 202);
            $this->work();
            $this->ask('POST', "/api/jobs/$id/frames");
        });
    }

    /**
     * @param \Closure(): void $done what was done in the shop before the test begins, from another page
     *
     * @return int the only job
     */
    protected function beginWith(string $shop, \Closure $done): int
    {
        if (!isset(self::$made[$shop])) {
            $done();
            self::keep($shop);
        } else {
            self::close();
        }
        $this->open($shop);
        $jobs = $this->ask('GET', '/api/jobs')['jobs'];
        self::assertCount(1, $jobs);

        return $jobs[0]['id'];
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        // Symfony's error handler stays behind; PHPUnit wants its own back.
        restore_exception_handler();
    }

    protected static function data(): string
    {
        $data = getenv('EKTYPE_DATA');
        self::assertIsString($data);

        return $data;
    }

    /** @return array<mixed> */
    protected function ask(string $method, string $path, mixed $body = null, int $expect = 200): array
    {
        $this->browser->request(
            $method,
            $path,
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        );
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), substr((string) $response->getContent(), 0, 600));
        $answer = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return isset($answer['turn'], $answer['plates']) ? $this->laid($answer) : $answer;
    }

    /**
     * The head of a job with the benches beside it that these tests look at, as the stages of a page have them.
     *
     * @param array<mixed> $head
     *
     * @return array<mixed>
     */
    private function laid(array $head): array
    {
        $job = $head;
        $plates = array_column($head['plates'], null, 'id');
        foreach (static::BENCHES as $stage) {
            $bench = $this->ask('GET', '/api/jobs/'.$head['id'].'/'.$stage);
            foreach ($bench['plates'] ?? [] as $plate) {
                $plates[$plate['id']] = $plate + $plates[$plate['id']];
            }
            $job += $bench;
        }

        return ['plates' => array_values($plates)] + $job;
    }

    /** @return list<array<mixed>> the frames of the rack that a plate can take, best first */
    protected function framesFor(int $plate): array
    {
        return array_values($this->ask('GET', "/api/plates/$plate/frames")['frames']);
    }

    /** @return array<mixed> the job after the last thing was taken back */
    protected function undo(int $job): array
    {
        $this->ask('POST', '/api/undo');

        return $this->ask('GET', "/api/jobs/$job");
    }

    /**
     * @param array<string, string> $fields
     *
     * @return array<mixed>
     */
    protected function bring(string $svg, array $fields = [], int $expect = 201): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'art');
        file_put_contents($path, $svg);
        $this->browser->request(
            'POST',
            '/api/jobs',
            $fields + ['widthMm' => '60', 'garmentHex' => '#1b2436'],
            ['art' => new UploadedFile($path, 'two-dots.svg', null, null, true)],
        );
        unlink($path);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), substr((string) $response->getContent(), 0, 600));
        $answer = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return isset($answer['turn'], $answer['plates']) ? $this->laid($answer) : $answer;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected function service(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }

    protected function connection(): Connection
    {
        return $this->service(Connection::class);
    }

    /** Time goes by until every coat is dry. */
    protected function allDry(): void
    {
        $connection = $this->connection();
        $connection->executeStatement("UPDATE stencil SET ready_at = '2020-01-01 08:00:00'");
    }

    /** Does all waiting work, as a worker would. */
    protected function work(): void
    {
        $worker = self::getContainer()->get(LongWorkHandler::class);
        self::assertInstanceOf(LongWorkHandler::class, $worker);
        $connection = $this->connection();
        foreach ($connection->fetchFirstColumn("SELECT id FROM task WHERE state = 'waiting' ORDER BY id") as $id) {
            self::assertIsNumeric($id);
            $worker(new LongWork((int) $id));
        }
    }

    protected static function twoDots(): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14" fill="#f0e2b0"/><rect x="38" y="6" width="16" height="28" fill="#b84a30"/></svg>';
    }

    /**
     * Tells the shop something of a job, each thing where it belongs.
     *
     * @param array<string, mixed> $fields
     *
     * @return array<mixed> what the last one was answered
     */
    protected function tell(int $id, array $fields): array
    {
        $homes = [
            '/order' => ['substrate', 'garment', 'garmentName', 'garmentHex', 'quantity', 'lines'],
            '/size' => ['widthMm', 'heightMm', 'acrossMm', 'dropMm', 'framing'],
            '/colours' => ['merge', 'leaveOpen', 'printAgain', 'split', 'lock', 'highlight', 'onBase', 'overprint', 'tint', 'thicken', 'baseFrom', 'base'],
            '/method' => ['method'],
            '/tools' => ['pressId', 'lampId', 'emulsionId'],
            '/films' => ['filmPrinterId', 'filmFormats', 'stepWedge', 'filmMirrored', 'filmNegative', 'filmCopies'],
            '/light' => ['oneTime', 'withoutFilm'],
            '/press' => ['pull', 'registerWay', 'seamMm', 'toleranceMm', 'toleranceFollowsPlates', 'order'],
        ];
        $answer = [];
        foreach ($homes as $home => $named) {
            $here = array_intersect_key($fields, array_flip($named));
            $fields = array_diff_key($fields, $here);
            $answer = $here === [] ? $answer : $this->ask('PATCH', "/api/jobs/$id$home", $here);
        }

        return $fields === [] && $answer !== [] ? $answer : $this->ask('PATCH', "/api/jobs/$id", $fields);
    }
}
