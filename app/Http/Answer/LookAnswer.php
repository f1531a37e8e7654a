<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A look that would tell suspects apart. */
final readonly class LookAnswer
{
    /**
     * @param list<string> $yes
     * @param list<string> $no
     */
    public function __construct(
        public string $slug,
        public string $words,
        public string $sign,
        public array $yes,
        public array $no,
        public float $bits,
    ) {}
}
