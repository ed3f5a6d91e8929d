<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\App\Request\Words;
use Ektype\Core\StrikeOff\Approval;
use Ektype\Core\StrikeOff\Judgement;
use Symfony\Component\Validator\Constraints as Assert;

/** The judgement of a strike-off. */
final readonly class ApprovalTold
{
    /** @param list<Judgement> $judgements */
    public function __construct(
        #[Words(60, mayBeEmpty: true)]
        public string $by,
        #[Assert\Count(max: 12, maxMessage: 'are too many.')]
        public array $judgements = [],
        #[Words(16, mayBeEmpty: true), Assert\Regex('/^([0-9a-f]{16})?$/', message: 'is no picture of this shop.')]
        public string $picture = '',
    ) {
    }

    public function approval(string $day): Approval
    {
        return new Approval(trim($this->by), $day, $this->judgements, $this->picture);
    }
}
