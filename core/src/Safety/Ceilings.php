<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Recipe\RecipeUse;

/** The limits that a spray is held against, by what it goes onto. */
final readonly class Ceilings
{
    /** What a limit of each surface is kept for. */
    private const LIMITED = [
        Substance::RefinedOil, Substance::KitchenOil, Substance::Neem, Substance::EssentialOil, Substance::TrueSoap,
        Substance::Detergent, Substance::Alcohol, Substance::Soda, Substance::Peroxide,
    ];

    public function __construct(private Limits $limits) {}

    /**
     * @return list<Bound> none for a stock, and none for a swab on single insects
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function of(Target $target): array
    {
        $column = $target->limits();
        if ($column === null || $target->use === RecipeUse::Spot) {
            return [];
        }
        $onto = $target->words();
        if ($target->plant->bearsNoOil ?? false) {
            return [new NoOil($onto), ...$this->each($column, $onto, static fn(Substance $what): bool => ! $what->isOily())];
        }
        $oils = $this->each($column, $onto, static fn(Substance $what): bool => $what->isOily());

        return [...$oils, new OilSum($oils, $onto), ...$this->each($column, $onto, static fn(Substance $what): bool => ! $what->isOily()), $this->nonIonic($onto)];
    }

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function forSubstance(Substance $what, Target $target): ?Ceiling
    {
        $column = $target->limits();

        return match (true) {
            $column === null || $target->use === RecipeUse::Spot => null,
            $what === Substance::NonIonic => $this->nonIonic($target->words()),
            in_array($what, self::LIMITED, true) => $this->one($what, $column, $target->words()),
            default => null,
        };
    }

    /**
     * @param callable(Substance): bool $which
     *
     * @return list<Ceiling>
     */
    private function each(string $column, string $onto, callable $which): array
    {
        return array_map(fn(Substance $what): Ceiling => $this->one($what, $column, $onto), array_values(array_filter(self::LIMITED, $which)));
    }

    private function one(Substance $what, string $column, string $onto): Ceiling
    {
        $code = "{$what->value}/{$column}";

        return new Ceiling($what, $this->limits->get($code), $this->limits->get("{$code}/stop")->value, $onto);
    }

    private function nonIonic(string $onto): Ceiling
    {
        return new Ceiling(Substance::NonIonic, $this->limits->get(Substance::NonIonic->value), null, $onto);
    }
}
