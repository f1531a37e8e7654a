<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Safety\Target;

/** May this spray go on this plant now? */
final readonly class Question
{
    /** @param non-empty-list<Target> $targets what it lands on; of several the stricter holds */
    private function __construct(
        public SprayNow $spray,
        public array $targets,
        public PlantNow $plant,
        /** Null where only a kind of leaf is meant, and no plant. */
        public ?Whom $whom,
        /** Days from one round to the next; null where nobody said. */
        public ?float $everyDays,
        /** Of the air in the shade at spraying; null where nobody said. */
        public ?Temperature $air,
        /** °C of the water it is mixed with; null where nobody said. */
        public ?float $water,
        public ?Season $season = null,
    ) {}

    /** Of no plant by itself: onto what it is meant for. */
    public static function onto(SprayNow $spray, Target $target, Circumstances $now, ?float $water = null): self
    {
        $plant = new PlantNow($target->plant, site: Site::Outdoors, stage: $now->inFlower ? Stage::InBloom : null, harvestInDays: $now->pickedInDays);

        return new self($spray, [$target], $plant, null, $now->everyDays, $now->air, $water, $now->season);
    }

    /** @param float|null $everyDays the interval that was said; null where nobody said one */
    public static function for(SprayNow $spray, Whom $whom, ToleranceCatalogue $classes, ?float $everyDays = null, ?Temperature $air = null, ?float $water = null): self
    {
        $lands = self::surfaces($spray, $whom->plant, $classes);
        $targets = array_map(static fn(ToleranceClass $class): Target => Target::of($spray->use, $class), $lands);

        return new self($spray, $targets === [] ? [Target::of($spray->use, null)] : $targets, $whom->plant, $whom, $everyDays, $air, $water ?? $spray->bottle?->water);
    }

    /** @return list<ToleranceClass> */
    private static function surfaces(SprayNow $spray, PlantNow $plant, ToleranceCatalogue $classes): array
    {
        if (! $spray->isPoured()) {
            return $plant->surfaces($classes);
        }

        // What is poured wets no leaf, whatever grows in it; a drench of which nobody said where it goes carries its own place.
        return match (true) {
            $plant->isSoilOnly() => $plant->surfaces($classes),
            ! $plant->isSaid() && ($spray->practice->onlyWhereNothingGrows ?? false) => [$classes->emptyBed()],
            default => [$classes->plantedSoil()],
        };
    }

    /** Whether it wets leaves: what is poured does not, a swab does not, and bare wood has none. */
    public function wetsLeaves(): bool
    {
        return ! $this->spray->isSwab() && ! $this->spray->isPoured() && $this->spray->use !== RecipeUse::Stock && $this->lands(Surface::Leaf);
    }

    /** Whether it is sprayed on leaf or wood. */
    public function isSprayed(): bool
    {
        return in_array($this->spray->use, [RecipeUse::Foliar, RecipeUse::Dormant], true) && ! $this->lands(Surface::Soil);
    }

    public function lands(Surface $surface): bool
    {
        foreach ($this->targets as $target) {
            if ($target->surface() === $surface) {
                return true;
            }
        }

        return false;
    }

    /** What it goes onto, in words. */
    public function words(): string
    {
        return $this->targets[0]->words();
    }
}
