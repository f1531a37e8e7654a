<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** How much can be made of what is left. */
final readonly class ReachAnswer
{
    /**
     * @param list<UnclearAnswer> $unclear
     */
    public function __construct(
        public ?float $mL,
        public ?float $amount,
        public bool $bites,
        public string $because,
        public array $unclear,
    ) {}
}
