<?php

declare(strict_types=1);

namespace Ektype\App\Api\Guard;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Lets the shop's own pages in and nobody else: a page of the net that is open in another tab must not be able to change
 * the shop, nor to read it under a name of its own. Browsers say where a request comes from (Origin, Sec-Fetch-Site);
 * programs say nothing, and are told apart by what a foreign page cannot send without asking first.
 */
#[AsEventListener(priority: 300)]
final readonly class OwnPages
{
    /** Names that every machine has for itself. */
    private const HERE = ['localhost', '127.0.0.1', '[::1]'];
    private const READS = ['GET', 'HEAD', 'OPTIONS'];
    /** What a form of a foreign page can send without being asked. */
    private const OF_FORMS = ['', 'text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data'];

    /** @var list<string> */
    private array $hosts;

    /** @param string $alsoCalled further names of this machine, with commas between */
    public function __construct(#[Autowire('%env(EKTYPE_HOSTS)%')] string $alsoCalled)
    {
        $more = array_filter(array_map(trim(...), explode(',', strtolower($alsoCalled))), static fn (string $name): bool => $name !== '');
        $this->hosts = [...self::HERE, ...array_values($more)];
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest()) {
            return;
        }
        $path = $request->getPathInfo();
        if ($request->getBaseUrl() !== '' || (str_starts_with($path, '/api/') && str_ends_with($path, '/'))) {
            // Only the web server names the entry, and an address with a stroke behind it is no other: nobody is sent on.
            throw NotOurs::because(404, 'There is nothing at this address.');
        }
        if (!\in_array(self::host($request), $this->hosts, true)) {
            throw NotOurs::because(421, 'The shop does not answer under this name. If it is a name of this machine, its owner adds it: EKTYPE_HOSTS=name ./ektype start.');
        }
        if (!\in_array($request->getMethod(), self::READS, true) && !$this->isOwn($request)) {
            throw NotOurs::because(403, 'This change came from another page than the shop’s own, so nothing was changed. Open the shop itself and do it there.');
        }
    }

    private function isOwn(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');
        if ($site !== null && $site !== 'same-origin') {
            return false;
        }
        if ($origin !== null) {
            return strtolower($origin) === strtolower($request->getSchemeAndHttpHost());
        }

        return $site !== null || $request->headers->get('X-Page', '') !== '' || !\in_array(self::kind($request), self::OF_FORMS, true);
    }

    private static function host(Request $request): string
    {
        $named = strtolower($request->headers->get('Host', ''));

        return (string) preg_replace('/:\d+$/', '', $named);
    }

    private static function kind(Request $request): string
    {
        return strtolower(trim(explode(';', $request->headers->get('Content-Type', ''))[0]));
    }
}
