<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

/** What a plant had lately, and what burnt it or others of its kind. */
final readonly class PlantHad
{
    /**
     * @param list<HadRound> $rounds
     * @param float|null     $sulfurDaysAgo days since sulfur; null where it had none
     * @param float|null     $copperDaysAgo the same of copper
     */
    public function __construct(public array $rounds = [], public ?float $sulfurDaysAgo = null, public ?float $copperDaysAgo = null) {}
}
