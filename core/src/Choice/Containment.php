<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\PlantTrait;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Words\Say;

/**
 * What is done before any spray.
 *
 * @phpstan-type ContainmentRow array{kinds: list<string>, place: string, hours: int, on?: list<string>, instead?: string, source: string}
 */
final readonly class Containment
{
    /**
     * @param array<string, ContainmentRow> $rows
     * @param array<string, list<string>>   $named steps that a trouble names itself
     */
    public function __construct(private array $rows, private array $named) {}

    public static function shipped(): self
    {
        /** @var array<string, ContainmentRow> $rows */
        $rows = require __DIR__ . '/../../data/containment.php';

        /** @var array<string, list<string>> $named */
        $named = Things::of('troubles')->column('containment');

        return new self($rows, $named);
    }

    /** @return list<ContainmentStep> in the order of the work */
    public function steps(Trouble $trouble, PlantNow $plant): array
    {
        $place = $plant->site === Site::Indoors ? 'indoors' : 'outdoors';
        $traits = array_map(static fn(PlantTrait $one): string => $one->value, PlantTrait::of($plant));
        $named = $this->named[$trouble->slug] ?? [];
        $steps = [];
        foreach ($this->rows as $slug => $row) {
            $isMeant = in_array($trouble->kind->value, $row['kinds'], true) || in_array($row['instead'] ?? $slug, $named, true);
            $isBorne = ! isset($row['on']) || array_intersect($row['on'], $traits) !== [];
            if ($isMeant && $isBorne && in_array($row['place'], ['any', $place], true)) {
                $steps[] = new ContainmentStep($slug, Say::it("containment/{$slug}"), $row['hours']);
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
