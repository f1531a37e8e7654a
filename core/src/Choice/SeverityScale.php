<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Catalogue\Things;

/**
 * From a count to how bad it is.
 *
 * @phpstan-type SeverityRow array{moderate: int, heavy: int, source: string}
 */
final readonly class SeverityScale
{
    /** @param array<string, SeverityRow> $rows by pest */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, SeverityRow> $rows */
        $rows = Things::of('troubles')->column('severity');

        return new self($rows);
    }

    /** Moderate while nobody counted. */
    public function of(string $pest, ?float $count): Severity
    {
        $row = $this->rows[$pest] ?? null;

        return match (true) {
            $row === null || $count === null => Severity::Moderate,
            $count >= $row['heavy'] => Severity::Heavy,
            $count >= $row['moderate'] => Severity::Moderate,
            default => Severity::Light,
        };
    }
}
