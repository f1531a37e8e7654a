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
     * @param array<string, mixed> $method
     * @param list<string> $worksOn
     * @param list<string> $strength
     * @param list<WrittenVerdict> $verdicts
     */
    public function __construct(
        public array $lines,
        public ?string $problem,
        /** null */
        #[Shape(ref: 'RecipeDocument')]
        public ?array $document,
        /** How it is used, as is proposed from what is in it; null while there is no recipe, and for a stock. */
        #[Shape(ref: 'MethodDocument')]
        public ?array $method,
        /** The same in a sentence or two. */
        public string $used,
        /** What something in it works on. */
        public array $worksOn,
        public array $strength,
        public array $verdicts,
    ) {}
}
