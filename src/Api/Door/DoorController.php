<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

use Ektype\App\Api\Asking\Body;
use Ektype\App\Request\UnreadableRequest;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The door of a shop that is open in its network. */
final readonly class DoorController
{
    public function __construct(private Passphrase $phrase, private ClockInterface $clock)
    {
    }

    #[Route('/api/door', methods: ['GET'])]
    public function look(Request $request): Door
    {
        $asks = $this->phrase->isAsked();

        return new Door($asks, !$asks || $this->phrase->letsIn($request->cookies->getString(Doorkeeper::COOKIE), $this->clock->now()->getTimestamp()));
    }

    /** Lets a device in that knows the words; it is not asked again. */
    #[Route('/api/door', methods: ['POST'])]
    public function letIn(#[Body] Said $said): Response
    {
        if (!$this->phrase->isAsked()) {
            return new JsonResponse(new Door(false, true));
        }
        if (!$this->phrase->is($said->phrase)) {
            throw UnreadableRequest::at('phrase', 'These are not the words. They stand where the shop was started; capitals and spaces do not count.');
        }
        $now = $this->clock->now()->getTimestamp();
        $answer = new JsonResponse(new Door(true, true));
        $answer->headers->setCookie(Cookie::create(
            Doorkeeper::COOKIE,
            $this->phrase->pass($now),
            $now + Passphrase::lasts(),
            '/',
            null,
            true,
            true,
            false,
            Cookie::SAMESITE_STRICT,
        ));

        return $answer;
    }
}
