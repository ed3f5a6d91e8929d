<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Demo\DemoShelves;
use Ektype\App\Kernel;
use Ektype\App\Work\LongWork;
use Ektype\App\Work\LongWorkHandler;
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
    protected KernelBrowser $browser;

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    protected function setUp(): void
    {
        $data = self::data();
        $files = new Filesystem();
        $files->remove($data);
        $files->mkdir($data);
        $this->browser = self::createClient(['debug' => false]);
        $this->browser->disableReboot();
        $application = new Application($this->browser->getKernel());
        $application->setAutoExit(false);
        $application->run(new ArrayInput(['command' => 'doctrine:migrations:migrate', '-n' => true, '-q' => true]), new NullOutput());
        $shelves = self::getContainer()->get(DemoShelves::class);
        self::assertInstanceOf(DemoShelves::class, $shelves);
        $shelves->fill();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        // Symfony's error handler stays behind; PHPUnit wants its own back.
        restore_exception_handler();
    }

    protected static function data(): string
    {
        return \dirname(__DIR__, 2).'/var/test';
    }

    /** @return array<mixed> */
    protected function ask(string $method, string $path, mixed $body = null, int $expect = 200): array
    {
        $this->browser->request($method, $path, [], [], ['CONTENT_TYPE' => 'application/json'], null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());
        $answer = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
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
        $this->browser->request('POST', '/api/jobs', $fields + ['widthMm' => '60', 'garmentHex' => '#1b2436'], ['art' => new UploadedFile($path, 'two-dots.svg', null, null, true)]);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), (string) $response->getContent());
        $answer = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);

        return $answer;
    }

    /** Does all waiting work, as a worker would. */
    protected function work(): void
    {
        $worker = self::getContainer()->get(LongWorkHandler::class);
        self::assertInstanceOf(LongWorkHandler::class, $worker);
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(\Doctrine\DBAL\Connection::class, $connection);
        foreach ($connection->fetchFirstColumn("SELECT id FROM task WHERE state = 'waiting' ORDER BY id") as $id) {
            self::assertIsNumeric($id);
            $worker(new LongWork((int) $id));
        }
    }

    protected static function twoDots(): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 40"><circle cx="20" cy="20" r="14" fill="#f0e2b0"/><rect x="38" y="6" width="16" height="28" fill="#b84a30"/></svg>';
    }
}
