<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** The ways of separating that there are: in the folder of a plan stands the class that separates by it. */
final class Methods
{
    /**
     * @template P of Plan
     *
     * @param P $plan
     *
     * @return Method<P>
     */
    public static function of(Plan $plan): Method
    {
        /** @var Method<P> $method its plans are these */
        $method = self::called($plan->method());

        return $method;
    }

    /** @return Method<Plan> */
    public static function called(MethodName $name): Method
    {
        $class = (string) preg_replace('/Plan$/', 'Method', $name->plan);
        $method = class_exists($class) ? new $class() : null;

        /** @var Method<Plan>|null $method */
        return $method instanceof Method ? $method : throw new \LogicException($name->value.' has no class that separates by it.');
    }
}
