<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\App\Work\Long\OneAtATime;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;

/**
 * What takes long to reckon and holds until what it rests on changes: reckoned once, by whoever comes first, and kept beside
 * the shop until then. Nothing of it is lost when it is thrown away.
 */
final readonly class Kept
{
    /** Of one kind so many stay: the shop as it stands, and as it stood for a page that is a moment late. */
    private const STAY = 3;

    public function __construct(private OneAtATime $one, private string $projectDir, private string $shopData)
    {
    }

    /**
     * @template T of object
     *
     * @param string          $kind   what is reckoned; letters and hyphens
     * @param string          $from   all that it rests on
     * @param class-string<T> $class
     * @param \Closure(): T   $reckon
     *
     * @return T
     */
    public function of(string $kind, string $from, string $class, \Closure $reckon): object
    {
        $file = \sprintf('%s/kept/%s-%s', $this->shopData, $kind, substr(hash('sha256', $this->program().$from), 0, 20));
        $kept = $this->read($file, $class);
        if ($kept !== null) {
            return $kept;
        }
        $held = $this->one->hold('kept-'.$kind, wait: true);
        try {
            $kept = $this->read($file, $class);
            if ($kept === null) {
                $kept = $reckon();
                try {
                    (new Filesystem())->dumpFile($file, serialize($kept));
                    $this->forgetOthers($kind);
                } catch (IOException) {
                    // On a full disk it is reckoned again at the next look: looking is no reason to be refused.
                }
            }

            return $kept;
        } finally {
            $held?->release();
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T|null
     */
    private function read(string $file, string $class): ?object
    {
        $text = @file_get_contents($file);
        $kept = $text === false ? null : @unserialize($text);

        return $kept instanceof $class ? $kept : null;
    }

    private function forgetOthers(string $kind): void
    {
        $files = array_filter((array) glob(\sprintf('%s/kept/%s-*', $this->shopData, $kind)), \is_string(...));
        usort($files, static fn (string $a, string $b): int => (int) @filemtime($b) <=> (int) @filemtime($a));
        foreach (\array_slice($files, self::STAY) as $old) {
            @unlink($old);
        }
    }

    /** Another program may reckon otherwise: it changes whenever the code was built anew. */
    private function program(): string
    {
        return (string) @filemtime($this->projectDir.'/vendor/composer/autoload_classmap.php');
    }
}
