<?php

declare(strict_types=1);

namespace Ektype\App\Api\Answering;

/** This answer is drawn or reckoned at length: it has processes of its own, so that no touch waits behind it. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Heavy
{
}
