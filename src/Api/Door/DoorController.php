<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Api\Asking\Body;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\Door\DoorTries;
use Ektype\App\Shop\Door\KnownDevices;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The door of a shop that is open in its network. */
final readonly class DoorController
{
    public function __construct(private Passphrase $phrase, private KnownDevices $devices, private DoorTries $tries, private ClockInterface $clock)
    {
    }

    #[Route('/api/door', methods: ['GET'])]
    public function look(Request $request): Door
    {
        $asks = $this->phrase->isAsked();

        return new Door($asks, !$asks || $this->devices->of($request->cookies->getString(DevicePass::COOKIE), $this->phrase->words(), $this->now()) !== null);
    }

    /** Lets a device in that knows the words; it is not asked again while it is used. */
    #[Route('/api/door', methods: ['POST'])]
    public function letIn(#[Body] Said $said, Request $request): Response
    {
        if (!$this->phrase->isAsked()) {
            return new JsonResponse(new Door(false, true));
        }
        $address = (string) $request->getClientIp();
        $wait = $this->tries->begin($address, $this->now());
        if ($wait > 0) {
            throw TooManyTries::wait($wait);
        }
        if (!$this->phrase->is($said->phrase)) {
            throw UnreadableRequest::at('phrase', 'These are not the words. They stand where the shop was started; capitals and spaces do not count.');
        }
        $this->tries->forget($address);
        $answer = new JsonResponse(new Door(true, true));
        $answer->headers->setCookie(DevicePass::of($this->devices->letIn($said->device, $this->phrase->words(), $this->now()), $this->now()));

        return $answer;
    }

    private function now(): int
    {
        return $this->clock->now()->getTimestamp();
    }
}
