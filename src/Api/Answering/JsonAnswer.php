<?php

declare(strict_types=1);

namespace Ektype\App\Api\Answering;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ViewEvent;

/** Answers with the value that a controller gives, its public properties as JSON. */
#[AsEventListener]
final class JsonAnswer
{
    /** Where a controller leaves the tag of its answer. */
    public const TAG = '_tag';

    public function __invoke(ViewEvent $event): void
    {
        $status = $event->controllerArgumentsEvent?->getAttributes(Status::class)[0] ?? null;
        $response = new JsonResponse(null, $status instanceof Status ? $status->code : 200);
        $response->setEncodingOptions(\JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
        $response->setData($event->getControllerResult());
        $tag = $event->getRequest()->attributes->get(self::TAG);
        if (\is_string($tag)) {
            // Asked again and again: the answer is kept, and sent anew only where it is another.
            $response->setEtag($tag)->headers->set('Cache-Control', 'private, no-cache');
        }
        $event->setResponse($response);
    }
}
