<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Api\Front\FrontController;
use Ektype\App\Api\Guard\NotOurs;
use Ektype\App\Shop\Door\KnownDevices;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** In the network, only a device that has said the pass-phrase sees or changes anything of the shop. */
#[AsEventListener(RequestEvent::class, 'asked', self::AFTER_ROUTING)]
#[AsEventListener(ResponseEvent::class, 'answered')]
final readonly class Doorkeeper
{
    /** The router listens at 32: what answers is known by then, however its address was written. */
    public const AFTER_ROUTING = 24;
    /** The page that asks for the words, and the question itself, hold nothing of the shop. */
    private const OPEN = [FrontController::class.'::', DoorController::class.'::'];
    private const RENEWED = '_device_used';

    public function __construct(private Passphrase $phrase, private KnownDevices $devices, private ClockInterface $clock)
    {
    }

    public function asked(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !$this->phrase->isAsked() || self::isOpen($request->attributes->getString('_controller'))) {
            return;
        }
        $now = $this->clock->now()->getTimestamp();
        $pass = $request->cookies->getString(DevicePass::COOKIE);
        $device = $this->devices->of($pass, $this->phrase->words(), $now)
            ?? throw NotOurs::because(401, 'This device was not let into the shop yet, or was sent away. Load the page again and give the pass-phrase.');
        if ($this->devices->use($device, $now)) {
            $request->attributes->set(self::RENEWED, $pass);
        }
    }

    /** What is used is carried on. */
    public function answered(ResponseEvent $event): void
    {
        $pass = $event->getRequest()->attributes->get(self::RENEWED);
        if (\is_string($pass)) {
            $event->getResponse()->headers->setCookie(DevicePass::of($pass, $this->clock->now()->getTimestamp()));
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
