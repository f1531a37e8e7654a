<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;

/** Something that was bought and used as its label says. */
final readonly class BoughtAnswer
{
    public function __construct(
        #[Shape(of: BoughtKind::class)]
        public string $kind,
        public string $name,
        /** Null where it holds none of these, or nobody said. */
        #[Shape(of: Holds::class)]
        public ?string $holds,
        public string $words,
    ) {}

    public static function maybe(?Bought $bought): ?self
    {
        return $bought === null ? null : new self($bought->kind->value, $bought->name, $bought->holds?->value, $bought->kind->words());
    }
}
