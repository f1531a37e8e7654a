<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** What mends the worst verdict of a plan, and what of the bench is another then; null where it stays. */
final readonly class WrittenMending
{
    /**
     * @param array<string, mixed>|null                  $recipe a recipe document
     * @param array{amount: float, unit: string}|null    $make
     */
    public function __construct(
        /** Code of the verdict. */
        public string $about,
        public string $kind,
        public string $words,
        public ?array $recipe,
        public ?array $make,
        public ?bool $highEnd,
        public ?float $factor,
        /** mg/L as CaCO3. */
        public ?float $hardness,
        /** From one round to the next. */
        public ?float $everyDays,
    ) {}
}
