<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

use Ektype\App\Action\Hand;
use Ektype\App\Shop\Turn;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Notes which page a request comes from: undo takes back what was done from it. And at which turn of the shop what it changes
 * was told to it: what another page has changed since is not changed again unseen. Every answer says its turn.
 */
#[AsEventListener(RequestEvent::class, 'asked')]
#[AsEventListener(ResponseEvent::class, 'answered')]
final readonly class PageAtWork
{
    private const HEADER = 'X-Page';
    private const SEEN = 'X-Seen';
    private const TURN = 'X-Turn';
    private const LONGEST = 40;

    public function __construct(private Hand $hand, private Turn $turn)
    {
    }

    public function asked(RequestEvent $event): void
    {
        $headers = $event->getRequest()->headers;
        $this->hand->page = mb_substr($headers->get(self::HEADER, ''), 0, self::LONGEST);
        $seen = $headers->get(self::SEEN, '');
        $this->hand->seen = preg_match('/^[0-9]{1,15}$/', $seen) === 1 ? (int) $seen : null;
        if (str_starts_with($event->getRequest()->getPathInfo(), '/api/') && $event->getRequest()->isMethodSafe()) {
            // Before anything is read: what comes between is told again rather than missed.
            $event->getRequest()->attributes->set(self::TURN, $this->turn->now());
        }
    }

    public function answered(ResponseEvent $event): void
    {
        $turn = $event->getRequest()->attributes->get(self::TURN);
        if (\is_int($turn)) {
            $event->getResponse()->headers->set(self::TURN, (string) $turn);
        }
    }
}
