<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Words\Say;

/**
 * How each pest is looked at.
 *
 * @phpstan-type LookRow array{spots: int, spot: string, stages: list<string>, how: string, source: string}
 * @phpstan-type LookWords array{look?: string, look_stages?: array<string, string>}
 */
final readonly class LookPlans
{
    private const PERCENT = 'percent';

    /**
     * @param array<string, LookRow>   $rows  by pest
     * @param array<string, LookWords> $words by pest
     */
    public function __construct(private array $rows, private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, LookRow> $rows */
        $rows = Things::of('troubles')->column('look');
        /** @var array<string, LookWords> $words */
        $words = Things::of('troubles')->words();
        $sources = SourceCatalogue::shipped();
        array_map(static fn(array $row): string => $sources->get($row['source'])->key, $rows);

        return new self($rows, $words);
    }

    /** @return list<string> */
    public function pests(): array
    {
        return array_keys($this->rows);
    }

    public function of(string $pest): LookPlan
    {
        $row = $this->rows[$pest] ?? throw new \LogicException(Say::it('evidence/look-plans.nothing-that-counted', ['pest' => $pest]));

        $words = $this->words[$pest] ?? [];

        return new LookPlan($row['spots'], $row['spot'], $words['look'] ?? '', array_intersect_key($words['look_stages'] ?? [], array_flip($row['stages'])), $row['how'] === self::PERCENT);
    }
}
