<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Strengths;
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
     * @param Strengths|null $of a spray: then only those of what is in it
     *
     * @return list<Bound> none for a stock, and none for a swab on single insects
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function of(Target $target, ?Strengths $of = null): array
    {
        $column = $target->limits();
        if ($column === null || $target->use === RecipeUse::Spot) {
            return [];
        }
        $onto = $target->words();
        $limited = $of === null ? self::LIMITED : array_filter(self::LIMITED, static fn(Substance $what): bool => $of->percent($what) > 0.0);
        $oily = array_filter($limited, static fn(Substance $what): bool => $what->isOily());
        $others = $this->each($column, $onto, array_filter($limited, static fn(Substance $what): bool => ! $what->isOily()));
        if ($target->plant->bearsNoOil ?? false) {
            return [new NoOil($onto), ...$others];
        }
        $oils = $this->each($column, $onto, $oily);

        return [...$oils, ...(count($oils) > 1 ? [new OilSum($oils, $onto)] : []), ...$others, $this->nonIonic($onto)];
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
     * @param array<Substance> $all
     *
     * @return list<Ceiling>
     */
    private function each(string $column, string $onto, array $all): array
    {
        return array_map(fn(Substance $what): Ceiling => $this->one($what, $column, $onto), array_values($all));
    }

    private function one(Substance $what, string $column, string $onto): Ceiling
    {
        $code = "{$what->value}/{$column}";

        return new Ceiling($what, $this->limits->get($code), $this->limits->get("{$code}/stop"), $onto);
    }

    private function nonIonic(string $onto): Ceiling
    {
        return new Ceiling(Substance::NonIonic, $this->limits->get(Substance::NonIonic->value), null, $onto);
    }
}
