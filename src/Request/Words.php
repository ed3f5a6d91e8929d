<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Symfony\Component\Validator\Constraints\Length;

/** Text that fits on a label. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Words extends Length
{
    /** @param int<1, max> $longest */
    public function __construct(int $longest, bool $mayBeEmpty = false)
    {
        parent::__construct(
            min: $mayBeEmpty ? null : 1,
            max: $longest,
            normalizer: 'trim',
            minMessage: 'is empty. Give it as text.',
            maxMessage: \sprintf('is {{ value_length }} characters long and would not fit on a label. Shorten it to %d.', $longest),
        );
    }

    public function validatedBy(): string
    {
        return Length::class.'Validator';
    }
}
