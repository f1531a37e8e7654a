<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/** How heavy something is by what stands on its bottle: straight lines between the figures of a handbook. */
final readonly class DensityByStrength
{
    /** @param non-empty-array<int, float> $points g/mL near 20 °C by percent v/v, weakest first */
    public function __construct(private array $points, private string $source, private SourceCatalogue $sources) {}

    /** @param float $strength percent v/v; beyond the ends the nearest figure holds */
    public function at(float $strength): Sourced
    {
        $below = array_key_first($this->points);
        foreach (array_slice($this->points, 1, null, true) as $percent => $density) {
            if ($strength < $percent) {
                $share = max(0.0, $strength - $below) / ($percent - $below);

                return $this->sourced($this->points[$below] + $share * ($density - $this->points[$below]));
            }
            $below = $percent;
        }

        return $this->sourced($this->points[$below]);
    }

    private function sourced(float $density): Sourced
    {
        return Sourced::fromRow(['value' => $density, 'unit' => 'g/mL', 'source' => $this->source], $this->sources);
    }
}
