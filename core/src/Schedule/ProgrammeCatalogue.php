<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Catalogue\Things;

/**
 * How rounds of the shipped sprays follow each other, beyond their pace.
 *
 * @phpstan-type PaceRow array{prevention_days: int|null, rounds?: int, lasts_days?: int}
 */
final readonly class ProgrammeCatalogue
{
    /**
     * @param array<string, PaceRow> $rows  practice by spray
     * @param array<string, int>     $turns days from one way of working to another, as “soda>peroxide”
     */
    public function __construct(private array $rows, private array $turns) {}

    public static function shipped(): self
    {
        /** @var array<string, PaceRow> $rows */
        $rows = Things::of('sprays')->column('practice');
        /** @var array<string, int> $turns */
        $turns = require __DIR__ . '/../../data/turns.php';

        return new self($rows, $turns);
    }

    public function turns(): Turns
    {
        return new Turns($this->turns);
    }

    /** Days between rounds as prevention; null where it only works on what it wets. */
    public function prevention(string $recipe): ?int
    {
        return $this->rows[$recipe]['prevention_days'] ?? null;
    }

    /** Rounds that practice names; null where it names none. */
    public function rounds(string $recipe): ?int
    {
        return $this->rows[$recipe]['rounds'] ?? null;
    }

    /** Days that it goes on working. */
    public function lasts(string $recipe): int
    {
        return $this->rows[$recipe]['lasts_days'] ?? 0;
    }
}
