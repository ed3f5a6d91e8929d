<?php

declare(strict_types=1);

namespace Ektype\App\Api\Problem;

use Ektype\Core\Unit\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Answers what went wrong as problem details (RFC 9457): a plain sentence at the field, never a stack trace. */
#[AsEventListener]
final readonly class ProblemAnswer
{
    public function __construct(private LoggerInterface $log)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $fault = $event->getThrowable();
        if ($fault instanceof Refusal) {
            $problem = ['type' => 'about:blank', 'title' => 'That cannot be used', 'status' => 422, 'detail' => $fault->getMessage()];
            if ($fault->field !== '') {
                $problem['errors'] = [['pointer' => '#/'.strtr($fault->field, ['.' => '/', '[' => '/', ']' => '']), 'field' => $fault->field, 'detail' => $fault->getMessage()]];
            }
        } elseif ($fault instanceof HttpExceptionInterface) {
            $status = $fault->getStatusCode();
            $problem = ['type' => 'about:blank', 'title' => $status === 404 ? 'Not here' : 'That does not work', 'status' => $status, 'detail' => $status === 404 ? 'There is nothing at this address. It may have been removed; go back to the jobs.' : 'This request is not one that Ektype answers.'];
        } else {
            $this->log->error('A request broke off.', ['exception' => $fault]);
            $problem = ['type' => 'about:blank', 'title' => 'A fault of the program', 'status' => 500, 'detail' => 'Ektype broke off here by its own fault. Nothing was changed. Try it again; the log of the shop tells more.'];
        }
        $event->setResponse(new JsonResponse($problem, $problem['status'], ['Content-Type' => 'application/problem+json']));
    }
}
