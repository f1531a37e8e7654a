<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Writing\WrittenVerdict;

/** What was understood of typed lines, and the recipe they come to. */
final readonly class ComposedAnswer
{
    /**
     * @param list<HeardAnswer> $lines
     * @param array<string, mixed> $document
     * @param list<string> $strength
     * @param list<WrittenVerdict> $verdicts
     */
    public function __construct(
        public array $lines,
        public ?string $problem,
        /** null */
        #[Shape(ref: 'RecipeDocument')]
        public ?array $document,
        public array $strength,
        public array $verdicts,
    ) {}
}
