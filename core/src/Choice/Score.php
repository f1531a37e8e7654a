<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Cupboard\AsStocked;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Verdict;

/** What speaks for and against a spray that may be used, the most telling first, and how much. The weights are our own. */
final readonly class Score
{
    private const A_POINT_OF_EFFECT = ChoiceLines::POINT_OF_EFFECT['value'];

    private const A_STEP_OF_WORK = ChoiceLines::STEP_OF_WORK['value'];

    private const A_DAY_OF_WAITING = ChoiceLines::DAY_OF_WAITING['value'];

    private const A_NUISANCE = ChoiceLines::NUISANCE['value'];

    /**
     * @param list<Reason> $for
     * @param list<Reason> $against
     */
    private function __construct(public array $for, public array $against, public float $points) {}

    /**
     * @param Verdict|null   $hindered what the leaf said to a stronger dose that was wanted
     * @param AsStocked|null $stocked  as this house can make it; null where nobody said what is at hand
     */
    public static function of(Mixture $mixture, Recipe $recipe, Practice $practice, Situation $situation, Effect $best, Dose $dose, float $fairLookHours, ?Verdict $hindered, ?AsStocked $stocked = null): self
    {
        $points = self::A_POINT_OF_EFFECT * EffectCatalogue::weight($best) - self::A_STEP_OF_WORK * $practice->work - self::A_DAY_OF_WAITING * $fairLookHours / 24.0;
        $own = $situation->own[$recipe->slug] ?? null;
        $for = $own === null ? [] : [new Reason($own->plant === '' ? ChoiceFinding::Own : ChoiceFinding::OwnLast, ['worked' => $own->worked, 'judged' => $own->judged, 'plant' => $own->plant])];
        $points += $own === null ? 0.0 : ChoiceLines::OWN_RESULTS['value'] * ($own->worked / $own->judged - ChoiceLines::OWN_MIDDLE['value']) * min(1.0, $own->judged / ChoiceLines::OWN_ROUNDS['value']);
        $for[] = new Reason($best->kills ? ChoiceFinding::Kills : ChoiceFinding::Checks, ['why' => $best->why, 'sure' => $best->sure], $best->source);
        if (in_array($situation->trouble->slug, $practice->method->against, true)) {
            $for[] = new Reason(ChoiceFinding::UsedFor, ['trouble' => lcfirst($situation->trouble->name)]);
            $points += ChoiceLines::PRACTISED['value'] + ($practice->method->against[0] === $situation->trouble->slug ? ChoiceLines::MADE_FOR['value'] : 0.0);
        }
        if ($recipe->use === RecipeUse::Spot) {
            $points += match ($situation->severity) {
                Severity::Light => ChoiceLines::SWAB['value'],
                Severity::Moderate => 0.0,
                Severity::Heavy => -ChoiceLines::SWAB['value'],
            };
        }
        [$doseFor, $against, $weight] = self::dose($practice, $situation, $dose, $hindered);
        $missing = $stocked === null ? [] : self::names($stocked->missing, $recipe);
        array_push($for, ...$doseFor, ...($stocked !== null && $stocked->missing === [] && $stocked->instead === [] ? [new Reason(ChoiceFinding::InCupboard)] : []), ...($practice->work === 1 ? [new Reason(ChoiceFinding::LittleWork)] : []));
        foreach ([...self::swaps($stocked), ...self::nuisances($mixture, $situation)] as $reason) {
            $against[] = $reason;
            $points -= self::A_NUISANCE;
        }
        array_push($against, ...($missing === [] ? [] : [new Reason(ChoiceFinding::Missing, ['what' => implode(', ', $missing)])]), ...self::effort($practice, $fairLookHours));

        return new self($for, $against, $points + $weight - ChoiceLines::MISSING_INGREDIENT['value'] * count($missing));
    }

    /** @return array{list<Reason>, list<Reason>, float} what the dose has for and against it, and its weight */
    private static function dose(Practice $practice, Situation $situation, Dose $dose, ?Verdict $hindered): array
    {
        $for = $dose->highEnd ? [new Reason(ChoiceFinding::High)] : [];
        $weight = 0.0;
        $against = [];
        $weak = $dose->weak();
        if ($weak !== null) {
            $against[] = Reason::ofBench($weak);
            $weight -= ChoiceLines::WEAK['value'];
        }
        foreach ($dose->cautions() as $verdict) {
            $against[] = Reason::ofBench($verdict);
            $weight -= ChoiceLines::CAUTION['value'];
        }
        if (! $dose->holds) {
            $against[] = new Reason(ChoiceFinding::NotHeld);
        }
        if ($dose->factor < 1.0 && in_array($situation->trouble->slug, $practice->halfFor, true)) {
            $for[] = new Reason(ChoiceFinding::HalfIsEnough, ['trouble' => lcfirst($situation->trouble->name)]);
        } elseif ($dose->factor < 1.0) {
            $against[] = new Reason(ChoiceFinding::Half);
            $weight -= ChoiceLines::TOO_STRONG_AS_WRITTEN['value'];
        }
        if ($situation->severity === Severity::Heavy && $hindered !== null) {
            $against[] = new Reason(ChoiceFinding::LeafWins, [], $hindered->source, $hindered);
        }

        return [$for, $against, $weight];
    }

    /** @return list<Reason> */
    private static function effort(Practice $practice, float $fairLookHours): array
    {
        return array_values(array_filter([
            $practice->work === ChoiceLines::MUCH_WORK['value'] ? new Reason(ChoiceFinding::MuchWork) : null,
            $fairLookHours > ChoiceLines::LONG_WAIT['value'] ? new Reason(ChoiceFinding::Wait, ['hours' => $fairLookHours]) : null,
        ]));
    }

    /** @return list<Reason> */
    private static function nuisances(Mixture $mixture, Situation $situation): array
    {
        $kinds = array_map(static fn($part): Substance => $part->ingredient->substance, $mixture->parts);
        $has = static fn(Substance ...$asked): bool => array_filter($asked, static fn(Substance $kind): bool => in_array($kind, $kinds, true)) !== [];
        $smells = $has(Substance::Neem, Substance::EssentialOil, Substance::Egg);

        return array_values(array_filter([
            $situation->isIndoors() && $smells ? new Reason(ChoiceFinding::Smell) : null,
            $has(Substance::Alcohol) ? new Reason(ChoiceFinding::Flammable) : null,
        ]));
    }

    /** @return list<Reason> what stands in for what, where all of it can be made so */
    private static function swaps(?AsStocked $stocked): array
    {
        return $stocked === null || $stocked->missing !== [] ? [] : array_map(
            static fn(string $for, Instead $one): Reason => new Reason(ChoiceFinding::StandsIn, ['with' => $one->with, 'for' => $for, 'cost' => $one->cost]),
            array_keys($stocked->instead),
            array_values($stocked->instead),
        );
    }

    /**
     * @param list<string> $slugs
     *
     * @return list<string>
     */
    private static function names(array $slugs, Recipe $recipe): array
    {
        $names = [];
        foreach ([$recipe, ...$recipe->stocks()] as $one) {
            foreach ($one->lines as $line) {
                if ($line->ingredient !== null && in_array($line->ingredient->slug, $slugs, true)) {
                    $names[$line->ingredient->slug] = $line->ingredient->name;
                }
            }
        }

        return array_values($names);
    }
}
