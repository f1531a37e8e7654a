<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/**
 * How rounds of the shipped sprays follow each other, beyond their pace.
 *
 * @phpstan-type ProgrammeRows array{prevention: array<string, int>, rounds: array<string, int>, lasts: array<string, int>, in_turn: array<string, int>, source: string}
 */
final readonly class ProgrammeCatalogue
{
    /** @param ProgrammeRows $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var ProgrammeRows $rows */
        $rows = require __DIR__ . '/../../data/programmes.php';

        return new self($rows);
    }

    public function turns(): Turns
    {
        return new Turns($this->rows['in_turn']);
    }

    /** Days between rounds as prevention; null where it only works on what it wets. */
    public function prevention(string $recipe): ?int
    {
        return $this->rows['prevention'][$recipe] ?? null;
    }

    /** Rounds that practice names; null where it names none. */
    public function rounds(string $recipe): ?int
    {
        return $this->rows['rounds'][$recipe] ?? null;
    }

    /** Days that it goes on working. */
    public function lasts(string $recipe): int
    {
        return $this->rows['lasts'][$recipe] ?? 0;
    }
}
