<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What a plant may suffer from. */
final readonly class TroubleAnswer
{
    /**
     * @param list<string> $stages
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $kind,
        public bool $isPest,
        public string $matters,
        public array $stages,
    ) {}
}
