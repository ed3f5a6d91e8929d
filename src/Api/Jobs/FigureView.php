<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Unit\Figure;
use OpenApi\Attributes as OA;

/** A figure with its sign and all that “Why?” opens. */
#[OA\Schema]
final readonly class FigureView
{
    /** @param list<string> $inputs */
    public function __construct(
        #[OA\Property]
        public ?float $value,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public string $unit,
        #[OA\Property(enum: ['reckoned', 'measured', 'out_of_bounds'])]
        public string $sign,
        #[OA\Property]
        public string $source,
        #[OA\Property]
        public string $formula,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $inputs,
        #[OA\Property]
        public string $school,
        #[OA\Property]
        public string $wouldChange,
        #[OA\Property]
        public ?float $low,
        #[OA\Property]
        public ?float $high,
        #[OA\Property(description: 'What low and high are')]
        public string $between,
    ) {
    }

    public static function of(Figure $f): self
    {
        return new self($f->value, $f->text, $f->unit, $f->sign->value, $f->source, $f->formula, $f->inputs, $f->school, $f->wouldChange, $f->low, $f->high, $f->between);
    }
}
