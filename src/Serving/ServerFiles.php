<?php

declare(strict_types=1);

namespace Ektype\App\Serving;

use Ektype\App\Api\Guard\SafeHeaders;
use Ektype\Core\Art\ArtFile;
use Symfony\Component\Filesystem\Filesystem;

/** Fills in the configurations of web server, PHP and keeper, for one shop: config/serve has them with gaps between @ signs. */
final readonly class ServerFiles
{
    /** The form round a file takes a little more than the file. */
    private const BESIDE_FILE = 1_000_000;
    /** One web server process; a connection may take two files. */
    private const MOST_CONNECTIONS = 8192;
    private const FILES = ['nginx.conf', 'server.conf', 'fastcgi.conf', 'headers.conf', 'php-fpm.conf', 'keeper.conf'];

    public function __construct(private HeavyRoutes $heavy, private string $projectDir, private string $shopData)
    {
    }

    /** @return string the folder with what was written */
    public function write(Door $door): string
    {
        $here = $this->shopData.'/serve';
        $files = new Filesystem();
        $files->mkdir($here);
        // Those who answer pass through it to their sockets, whoever wrote it.
        $files->chmod($here, 0o711);
        $gaps = $this->gaps($door, $here);
        foreach (self::FILES as $name) {
            $text = strtr((string) file_get_contents($this->projectDir.'/config/serve/'.$name), $gaps);
            $files->dumpFile($here.'/'.$name, $text);
        }
        $lines = array_map(static fn (string $p): string => \sprintf("\"~%s\" pictures;\n", addcslashes($p, '"')), $this->heavy->patterns());
        $files->dumpFile($here.'/heavy.map', implode('', $lines));

        return $here;
    }

    /** @return array<string, string> */
    private function gaps(Door $door, string $here): array
    {
        $fpm = array_filter((array) glob('/usr/sbin/php-fpm*'), \is_string(...));
        natsort($fpm);
        $user = $door->user;
        $isRoot = posix_geteuid() === 0;
        $runsAs = $user !== '' ? $user : ($isRoot ? 'root' : '');

        return [
            '@ROOT@' => $this->projectDir,
            '@HERE@' => $here,
            '@DATA@' => $this->shopData,
            '@BODY@' => (string) (ArtFile::MOST_BYTES + self::BESIDE_FILE),
            '@CSP@' => SafeHeaders::POLICY,
            '@FILES@' => (string) $door->files,
            '@CONNECTIONS@' => (string) min(self::MOST_CONNECTIONS, intdiv($door->files, 2)),
            '@NAMES@' => implode(' ', array_map(static fn (string $n): string => $n.' 1;', $door->names)),
            '@SERVERS@' => $door->isOpenToNetwork() ? self::withLock($door, $here) : self::onThisMachine($door, $here),
            '@USER_NGINX@' => $runsAs === '' ? '' : "user $runsAs;",
            '@USER_POOL@' => $runsAs === '' ? '' : "user = $runsAs\ngroup = $runsAs\nlisten.owner = $runsAs\nlisten.group = $runsAs",
            '@USER_KEEPER@' => $isRoot ? 'user = root' : '',
            '@AS_SHOP@' => $user === '' ? '' : "setpriv --reuid=$user --regid=$user --clear-groups --pdeathsig TERM",
            '@FPM@' => (string) end($fpm),
            '@FPM_AS_ROOT@' => $runsAs === 'root' ? '-R' : '',
            '@FPM_OPTIONS@' => '-d opcache.enable=1 -d opcache.jit=1054 -d opcache.jit_buffer_size=128M -d opcache.memory_consumption=192'
                .(($_SERVER['APP_ENV'] ?? 'prod') === 'prod' ? ' -d opcache.validate_timestamps=0' : ''),
            '@PHP@' => \PHP_BINARY.' -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=1054 -d opcache.jit_buffer_size=128M -d memory_limit=2G -d display_errors=stderr',
        ];
    }

    private static function onThisMachine(Door $door, string $here): string
    {
        return <<<NGINX
            server {
                    listen 127.0.0.1:{$door->port} backlog=1024;
                    include $here/server.conf;
                }
            NGINX;
    }

    private static function withLock(Door $door, string $here): string
    {
        $sixth = is_file('/proc/net/if_inet6') ? "listen [::]:{$door->port} ssl http2 backlog=1024;" : '';
        $folder = \dirname($here).'/network';

        return <<<NGINX
            server {
                    listen {$door->port} ssl http2 backlog=1024;
                    $sixth
                    ssl_certificate $folder/certificate.pem;
                    ssl_certificate_key $folder/key.pem;
                    ssl_protocols TLSv1.2 TLSv1.3;
                    include $here/server.conf;
                    # Who comes without the lock is sent to the door that has one, where the name is one of this shop's.
                    error_page 497 = @without_lock;
                    location @without_lock {
                        if (\$known = 0) { return 421; }
                        return 307 https://\$http_host\$request_uri;
                    }
                }
            NGINX;
    }
}
