<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A jar of a stock, and what is left in it. */
final readonly class JarAnswer
{
    public function __construct(
        /** Of the batch. */
        public int $id,
        /** Of the stock. */
        public string $slug,
        public string $name,
        public float $leftMl,
        public string $leftWords,
        public string $madeAt,
        public ?string $discardAt,
    ) {}
}
