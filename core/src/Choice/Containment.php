<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Trouble\Trouble;

/**
 * What is done before any spray.
 *
 * @phpstan-type ContainmentRow array{words: string, for: list<string>, place: string, hours: int, source: string}
 */
final readonly class Containment
{
    /** @param array<string, ContainmentRow> $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, ContainmentRow> $rows */
        $rows = require __DIR__ . '/../../data/containment.php';

        return new self($rows);
    }

    /** @return list<ContainmentStep> in the order of the work */
    public function steps(Trouble $trouble, bool $indoors): array
    {
        $place = $indoors ? 'indoors' : 'outdoors';
        $steps = [];
        foreach ($this->rows as $slug => $row) {
            if (array_intersect([$trouble->slug, $trouble->kind->value], $row['for']) !== [] && in_array($row['place'], ['any', $place], true)) {
                $steps[] = new ContainmentStep($slug, $row['words'], $row['hours']);
            }
        }
        usort($steps, static fn(ContainmentStep $a, ContainmentStep $b): int => $a->hours <=> $b->hours);

        return $steps;
    }

    public function has(string $slug): bool
    {
        return isset($this->rows[$slug]);
    }
}
