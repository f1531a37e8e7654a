<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Source\SourceCatalogue;

/** What each pest does by itself in a week. */
final readonly class UnsprayedCatalogue
{
    /** @param array<string, array{least: float, most: float, unit: string, source: string}> $rows by pest */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, array{least: float, most: float, unit: string, source: string}> $rows */
        $rows = Things::of('troubles')->column('unsprayed');
        $sources = SourceCatalogue::shipped();
        array_map(static fn(array $row): string => $sources->get($row['source'])->key, $rows);

        return new self($rows);
    }

    /** @return list<string> */
    public function pests(): array
    {
        return array_keys($this->rows);
    }

    /** Of a trouble that is in no row, because nobody counts it: it may go or grow as it likes. */
    public function of(string $pest): Unsprayed
    {
        $row = $this->rows[$pest] ?? ['least' => EvidenceLines::ANY_LEAST['value'], 'most' => EvidenceLines::ANY_MOST['value']];

        return new Unsprayed($row['least'], $row['most']);
    }
}
