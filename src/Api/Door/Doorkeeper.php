<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Api\Front\FrontController;
use Ektype\App\Api\Guard\NotOurs;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** In the network, only a device that has said the pass-phrase sees or changes anything of the shop. */
#[AsEventListener(priority: self::AFTER_ROUTING)]
final readonly class Doorkeeper
{
    public const COOKIE = 'ektype_device';
    /** The router listens at 32: what answers is known by then, however its address was written. */
    public const AFTER_ROUTING = 24;
    /** The page that asks for the words, and the question itself, hold nothing of the shop. */
    private const OPEN = [FrontController::class.'::', DoorController::class.'::'];

    public function __construct(private Passphrase $phrase, private ClockInterface $clock)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !$this->phrase->isAsked() || self::isOpen($request->attributes->getString('_controller'))) {
            return;
        }
        if (!$this->phrase->letsIn($request->cookies->getString(self::COOKIE), $this->clock->now()->getTimestamp())) {
            throw NotOurs::because(401, 'This device was not let into the shop yet. Load the page again and give the pass-phrase.');
        }
    }

    private static function isOpen(string $controller): bool
    {
        foreach (self::OPEN as $open) {
            if (str_starts_with($controller, $open)) {
                return true;
            }
        }

        return false;
    }
}
