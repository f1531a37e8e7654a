<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A bottle of the shelf, with what is left of it now. */
final readonly class ShelfBottleAnswer
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        /** What the household calls it. */
        public string $words,
        public string $ingredient,
        public string $name,
        /** Percent v/v on its label. */
        public ?float $strength,
        public ?AmountAnswer $holds,
        /** In tenths of it, as it was said last. */
        public ?int $tenths,
        /** mL that are left now, of a powder in the spoon; null where nobody said. */
        public ?float $leftMl,
        /** Share of it that is left now; null where nobody said. */
        public ?float $share,
        public string $leftWords,
        public ?string $openedOn,
        public ?float $price,
        /** What is to be minded when it is taken; empty where nothing is. */
        public string $mind,
        public bool $retired,
    ) {}
}
