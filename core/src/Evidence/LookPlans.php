<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Words\Say;

/**
 * How each pest is looked at.
 *
 * @phpstan-type LookRow array{spots: int, spot: string, where: string, stages: array<string, string>, how: string, source: string}
 */
final readonly class LookPlans
{
    private const PERCENT = 'percent';

    /** @param array<string, LookRow> $rows by pest */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, LookRow> $rows */
        $rows = require __DIR__ . '/../../data/look-plans.php';
        $sources = SourceCatalogue::shipped();
        array_map(static fn(array $row): string => $sources->get($row['source'])->key, $rows);

        return new self($rows);
    }

    /** @return list<string> */
    public function pests(): array
    {
        return array_keys($this->rows);
    }

    public function of(string $pest): LookPlan
    {
        $row = $this->rows[$pest] ?? throw new \LogicException(Say::it('evidence/look-plans.nothing-that-counted', ['pest' => $pest]));

        return new LookPlan($row['spots'], $row['spot'], $row['where'], $row['stages'], $row['how'] === self::PERCENT);
    }
}
