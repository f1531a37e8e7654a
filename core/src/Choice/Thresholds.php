<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\ChoiceLines;

/**
 * From when on each trouble is worth a spray.
 *
 * @phpstan-type ActRow array{from: string, wait: int, warm?: float, crowds?: bool, source: string}
 */
final readonly class Thresholds
{
    /** @param array<string, ActRow> $rows by trouble */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, ActRow> $rows */
        $rows = Things::of('troubles')->column('act');

        return new self($rows);
    }

    /** What nobody drew a line for is worth one once it is easily found. */
    public function of(string $trouble): Threshold
    {
        $row = $this->rows[$trouble] ?? null;

        return $row === null
            ? new Threshold(Severity::Moderate, ChoiceLines::LOOK_AGAIN['value'], null, false, ChoiceLines::LOOK_AGAIN['source'])
            : new Threshold(Severity::from($row['from']), $row['wait'], $row['warm'] ?? null, $row['crowds'] ?? false, $row['source']);
    }
}
