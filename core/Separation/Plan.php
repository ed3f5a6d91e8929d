<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** The choices made under a method of separation: one value, stored whole. Each method has its own. */
interface Plan
{
    public function method(): MethodName;
}
