<?php

declare(strict_types=1);

namespace Ektype\App\Api\Answering;

use Ektype\App\Api\Asking\Resolver;
use Ektype\App\Api\Door\TooManyTries;
use Ektype\App\Api\Guard\NotOurs;
use Ektype\App\Request\Fault;
use Ektype\App\Request\FieldAtFault;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Shop\Folder\DiskRoom;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Trouble;
use Ektype\Core\Unit\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Answers what went wrong as problem details (RFC 9457): a plain sentence at the field, never a stack trace. */
#[AsEventListener]
final readonly class ProblemAnswer
{
    private const REFUSED = 422;

    /** After so long a page asks again, s. */
    private const AGAIN_S = 2;

    public function __construct(private LoggerInterface $log, private DiskRoom $room)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $fault = $event->getThrowable();
        $event->setResponse(match (true) {
            $fault instanceof UnreadableRequest => self::answer(self::REFUSED, 'That cannot be used', $fault->getMessage(), $fault->faults),
            $fault instanceof Refusal => self::refused($fault, $event->getRequest()),
            $fault instanceof NotHere => self::answer(404, 'Not here', $fault->getMessage()),
            $fault instanceof TooManyTries => self::answer(429, 'Not so fast', $fault->getMessage(), headers: ['Retry-After' => (string) $fault->seconds]),
            $fault instanceof NotOurs => self::answer($fault->getStatusCode(), 'Not taken', $fault->getMessage()),
            $fault instanceof HttpExceptionInterface => $fault->getStatusCode() === 404
                ? self::answer(404, 'Not here', (new NotHere())->getMessage())
                : self::answer($fault->getStatusCode(), 'That does not work', 'This request is not one that Ektype answers.'),
            default => $this->troubled($fault) ?? $this->broken($fault),
        });
    }

    private static function refused(Refusal $fault, Request $request): JsonResponse
    {
        $field = $fault->on !== '' && $fault->on === $request->attributes->get(Resolver::FILE) ? $fault->on : null;
        foreach ((array) $request->attributes->get(Resolver::READ_AS) as $type) {
            $found = \is_string($type) && class_exists($type) ? FieldAtFault::of($fault->on, $type) : null;
            // Of several that it may have been, the one that knows most of the way.
            $field = \strlen($found ?? '') > \strlen($field ?? '') ? $found : $field;
        }

        return self::answer(
            self::REFUSED,
            'That cannot be used',
            $fault->getMessage(),
            $field === null ? [] : [new Fault($field, $fault->getMessage())],
        );
    }

    /** What is no fault of the program: a held database, a full disk. */
    private function troubled(\Throwable $fault): ?JsonResponse
    {
        // A full disk complains in many ways; where there is no room, that is the reason.
        $trouble = Trouble::of($fault) ?? ($this->room->isFull() ? Trouble::DiskFull : null);
        if ($trouble === Trouble::Busy) {
            $busy = self::answer(503, 'Busy', 'The shop is busy: another program holds its database. Nothing was changed; this page tries again by itself.');
            $busy->headers->set('Retry-After', (string) self::AGAIN_S);

            return $busy;
        }

        return match ($trouble) {
            Trouble::DiskFull => self::answer(507, 'The disk is full', \sprintf('Nothing was changed: there is no room to write it down, %s. Make room there, then do it again.', $this->room->says())),
            Trouble::DatabaseGone => self::answer(503, 'The database is gone', 'The shop’s database was moved, removed or damaged while the shop was open. Nothing was changed. Close the shop and start it again: it says what lies in its folder and what to do.'),
            default => null,
        };
    }

    private function broken(\Throwable $fault): JsonResponse
    {
        try {
            $this->log->error('A request broke off.', ['exception' => $fault]);
        } catch (\Throwable) {
            // What cannot be written down is answered all the same.
        }

        return self::answer(
            500,
            'A fault of the program',
            'Ektype broke off here by its own fault. Nothing was changed. Try it again; the log of the shop tells more.',
        );
    }

    /**
     * @param list<Fault>           $faults
     * @param array<string, string> $headers
     */
    private static function answer(int $status, string $title, string $detail, array $faults = [], array $headers = []): JsonResponse
    {
        $problem = ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail];
        $named = array_values(array_filter($faults, static fn (Fault $f): bool => $f->field !== ''));
        if ($named !== []) {
            $problem['errors'] = array_map(
                static fn (Fault $f): array => ['pointer' => $f->pointer(), 'field' => $f->field, 'detail' => $f->sentence],
                $named,
            );
        }

        return new JsonResponse($problem, $status, ['Content-Type' => 'application/problem+json'] + $headers);
    }
}
