<?php

declare(strict_types=1);

namespace Ektype\App\Api\Asking;

use Ektype\App\Action\Hand;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Notes which page a request comes from: undo takes back what was done from it. */
#[AsEventListener]
final readonly class PageAtWork
{
    private const HEADER = 'X-Page';
    private const LONGEST = 40;

    public function __construct(private Hand $hand)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $this->hand->page = mb_substr($event->getRequest()->headers->get(self::HEADER, ''), 0, self::LONGEST);
    }
}
