<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * What a plant of a size takes, and what soil takes up.
 *
 * @phpstan-type NeedRow array{words: string, value: int|float, unit: string, source: string}
 */
final readonly class NeedTable
{
    /**
     * @param array<string, NeedRow> $sizes mL a plant
     * @param array<string, NeedRow> $soils share of the volume
     */
    public function __construct(private array $sizes, private array $soils, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, NeedRow> $sizes */
        $sizes = require __DIR__ . '/../../data/plant-sizes.php';
        /** @var array<string, NeedRow> $soils */
        $soils = require __DIR__ . '/../../data/soil-dryness.php';

        return new self($sizes, $soils, SourceCatalogue::shipped());
    }

    /** @return array<string, string> words by code */
    public function sizes(): array
    {
        return array_map(static fn(array $row): string => $row['words'], $this->sizes);
    }

    /** @return array<string, string> words by code */
    public function soils(): array
    {
        return array_map(static fn(array $row): string => $row['words'], $this->soils);
    }

    /** mL that one plant of this size takes. */
    public function plant(string $size): Sourced
    {
        return Sourced::fromRow($this->sizes[$size], $this->sources);
    }

    /** Share of its volume that soil takes up. */
    public function soil(string $dryness): Sourced
    {
        return Sourced::fromRow($this->soils[$dryness], $this->sources);
    }
}
