<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What waiting did to one trouble here. */
final readonly class Waited
{
    private function __construct(
        /** Times of which it is known. */
        public int $judged,
        /** Of these, after which fewer were there, or none. */
        public int $worked,
        public int $gone,
        /** Of those that worked, with natural enemies there. */
        public int $withEnemies,
    ) {}

    /** @param list<array{WaitOutcome, bool}> $times each with whether natural enemies were there */
    public static function of(array $times): self
    {
        $known = array_filter($times, static fn(array $one): bool => $one[0] !== WaitOutcome::Unknown);
        $worked = array_filter($known, static fn(array $one): bool => $one[0]->hasWorked());

        return new self(count($known), count($worked), count(array_filter($worked, static fn(array $one): bool => $one[0] === WaitOutcome::Gone)), count(array_filter($worked, static fn(array $one): bool => $one[1])));
    }
}
