<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Api\Guard\NotOurs;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** In the network, only a device that has said the pass-phrase sees or changes anything of the shop. */
#[AsEventListener(priority: 290)]
final readonly class Doorkeeper
{
    public const COOKIE = 'ektype_device';

    public function __construct(private Passphrase $phrase, private ClockInterface $clock)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $path = $request->getPathInfo();
        // The page that asks for the words, and the question itself, hold nothing of the shop.
        if (!$event->isMainRequest() || !$this->phrase->isAsked() || !str_starts_with($path, '/api') || $path === '/api/door') {
            return;
        }
        if (!$this->phrase->letsIn($request->cookies->getString(self::COOKIE), $this->clock->now()->getTimestamp())) {
            throw NotOurs::because(401, 'This device was not let into the shop yet. Load the page again and give the pass-phrase.');
        }
    }
}
