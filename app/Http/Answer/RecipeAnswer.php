<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Recipe\RecipeUse;

/** A recipe as it is offered: the document, what it comes to, what practice says of it. */
final readonly class RecipeAnswer
{
    /**
     * @param list<string> $for
     * @param list<string> $forWords
     * @param list<string> $waits
     * @param list<string> $strength
     * @param list<string> $typed
     * @param array<string, mixed> $document
     * @param list<StockAnswer> $stocks that are poured into it
     */
    public function __construct(
        public string $slug,
        public string $name,
        #[Shape(of: RecipeUse::class)]
        public string $use,
        public string $useWords,
        /** What it works by, as a word. */
        public string $family,
        public bool $shipped,
        public ?int $version,
        public array $for,
        public array $forWords,
        public array $waits,
        public string $repeat,
        public array $strength,
        public array $typed,
        #[Shape(ref: 'RecipeDocument')]
        public array $document,
        public array $stocks,
        /** How much is made of it where no sprayer is filled with it; null where one is. */
        public ?AmountAnswer $usualFill,
    ) {}
}
