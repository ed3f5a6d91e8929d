<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

use Ektype\App\Action\Hand;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Notes which page a request comes from: undo takes back what was done from it. And which turn of the shop it shows: what
 * another page has changed since is not changed again unseen.
 */
#[AsEventListener]
final readonly class PageAtWork
{
    private const HEADER = 'X-Page';
    private const SEEN = 'X-Seen';
    private const LONGEST = 40;

    public function __construct(private Hand $hand)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $headers = $event->getRequest()->headers;
        $this->hand->page = mb_substr($headers->get(self::HEADER, ''), 0, self::LONGEST);
        $seen = $headers->get(self::SEEN, '');
        $this->hand->seen = preg_match('/^[0-9]{1,15}$/', $seen) === 1 ? (int) $seen : null;
    }
}
