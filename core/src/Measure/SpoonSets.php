<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

/** Sets of measures that a household owns whole. */
final readonly class SpoonSets
{
    /** @param array<string, array{name: string, measures: list<array{name: string, amount: float, unit: string, kind: string, step: float|null}>}> $sets */
    private function __construct(private array $sets) {}

    public static function shipped(): self
    {
        /** @var array<string, array{name: string, measures: list<array{name: string, amount: float, unit: string, kind: string, step: float|null}>}> $sets */
        $sets = require __DIR__ . '/../../data/spoon-sets.php';

        return new self($sets);
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->sets);
    }

    public function name(string $slug): string
    {
        return $this->sets[$slug]['name'] ?? '';
    }

    /** @return list<array{name: string, amount: float, unit: string, kind: string, step: float|null}> none where there is no such set */
    public function measures(string $slug): array
    {
        return $this->sets[$slug]['measures'] ?? [];
    }
}
