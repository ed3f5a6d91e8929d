<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\Plan;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** The ways of separating that there are, found by their interface. */
final readonly class Methods
{
    /** @param iterable<Method<covariant Plan>> $methods */
    public function __construct(#[AutowireIterator(Method::class)] private iterable $methods)
    {
    }

    /**
     * @template P of Plan
     *
     * @param P $plan
     *
     * @return Method<P>
     */
    public function of(Plan $plan): Method
    {
        foreach ($this->methods as $method) {
            if ($method->name() === $plan->method()) {
                /** @var Method<P> $method its plans are these */
                return $method;
            }
        }
        throw new \LogicException('There is no such way of separating.');
    }
}
