<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\Sourced;

/** A spray as far as the weather is concerned. */
final readonly class Spray
{
    /** Hours without frost that are needed, and wanted: the longest of all that is in it. */
    public Sourced $frost;

    public Sourced $mild;

    /** Hours that it has to stay dry, of all that is in it the longest. */
    public Sourced $dry;

    /** @param non-empty-list<Want> $wants */
    public function __construct(public RecipeUse $use, public array $wants)
    {
        $this->frost = self::longest(array_map(static fn(Want $want): Sourced => $want->frost, $wants));
        $this->dry = self::longest(array_map(static fn(Want $want): Sourced => $want->dry, $wants));
        $this->mild = self::longest(array_map(static fn(Want $want): Sourced => $want->mild, $wants));
    }

    /** @param non-empty-list<Sourced> $all */
    private static function longest(array $all): Sourced
    {
        $longest = $all[0];
        foreach ($all as $one) {
            $longest = $one->value > $longest->value ? $one : $longest;
        }

        return $longest;
    }

    /** Whether it comes as a mist, and not poured or dabbed. */
    public function isMist(): bool
    {
        return $this->use === RecipeUse::Foliar || $this->use === RecipeUse::Dormant;
    }

    public function isOnLeaves(): bool
    {
        return $this->use === RecipeUse::Foliar || $this->use === RecipeUse::Spot;
    }

    public function isOnSoil(): bool
    {
        return $this->use === RecipeUse::Drench;
    }
}
