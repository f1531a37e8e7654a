<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\Practice;

/** What speaks for and against a spray that may be used, and how much. The weights are our own. */
final readonly class Score
{
    private const A_POINT_OF_EFFECT = ChoiceLines::POINT_OF_EFFECT['value'];

    private const A_STEP_OF_WORK = ChoiceLines::STEP_OF_WORK['value'];

    private const A_DAY_OF_WAITING = ChoiceLines::DAY_OF_WAITING['value'];

    private const A_NUISANCE = ChoiceLines::NUISANCE['value'];

    private const PRACTISED = ChoiceLines::PRACTISED['value'];

    private const TOO_STRONG_AS_WRITTEN = ChoiceLines::TOO_STRONG_AS_WRITTEN['value'];

    private const A_MISSING_INGREDIENT = ChoiceLines::MISSING_INGREDIENT['value'];

    /** @return array{list<Reason>, list<Reason>, float} for, against, score */
    public static function of(Mixture $mixture, Practice $practice, Situation $situation, Effect $best, Dose $dose, float $fairLookHours): array
    {
        $for = [new Reason($best->kills ? 'kills' : 'checks', ['why' => $best->why, 'sure' => $best->sure], $best->source)];
        $against = [];
        $score = self::A_POINT_OF_EFFECT * EffectCatalogue::weight($best);
        $score -= self::A_STEP_OF_WORK * $practice->work + self::A_DAY_OF_WAITING * $fairLookHours / 24.0;
        if (in_array($situation->trouble->slug, $practice->for, true)) {
            $for[] = new Reason('used-for', ['trouble' => lcfirst($situation->trouble->name)]);
            $score += self::PRACTISED;
        }
        if ($practice->work === 1) {
            $for[] = new Reason('little-work');
        } elseif ($practice->work === ChoiceLines::MUCH_WORK['value']) {
            $against[] = new Reason('much-work');
        }
        if ($fairLookHours > ChoiceLines::LONG_WAIT['value']) {
            $against[] = new Reason('wait', ['hours' => $fairLookHours]);
        }
        foreach (self::nuisances($mixture, $situation) as $reason) {
            $against[] = $reason;
            $score -= self::A_NUISANCE;
        }
        $missing = self::missing($mixture, $situation->cupboard);
        if ($missing !== []) {
            $against[] = new Reason('missing', ['what' => implode(', ', $missing)]);
            $score -= self::A_MISSING_INGREDIENT * count($missing);
        } elseif ($situation->cupboard !== null) {
            $for[] = new Reason('in-cupboard');
        }
        if ($dose->factor < 1.0) {
            $against[] = new Reason('half');
            $score -= self::TOO_STRONG_AS_WRITTEN;
        } elseif ($dose->highEnd) {
            $for[] = new Reason('high');
        }

        return [$for, $against, $score];
    }

    /** @return list<Reason> */
    private static function nuisances(Mixture $mixture, Situation $situation): array
    {
        $kinds = array_map(static fn($part): Substance => $part->ingredient->substance, $mixture->parts);
        $has = static fn(Substance ...$asked): bool => array_filter($asked, static fn(Substance $kind): bool => in_array($kind, $kinds, true)) !== [];
        $smells = $has(Substance::Neem, Substance::EssentialOil, Substance::Egg);
        $oil = array_filter($kinds, static fn(Substance $kind): bool => $kind->isOil()) !== [];
        $hard = $situation->hardness !== null && HardnessClass::of($situation->hardness)->spoilsSoap() && $has(Substance::TrueSoap);

        return array_values(array_filter([
            $situation->indoors && $smells ? new Reason('smell') : null,
            $hard ? new Reason('hard-water', ['hardness' => $situation->hardness ?? 0.0]) : null,
            $has(Substance::Alcohol) ? new Reason('flammable') : null,
            $situation->plant->tolerance->hasBloom && ($oil || $has(Substance::TrueSoap)) ? new Reason('strips-wax') : null,
            $situation->plant->eatenSoon ? new Reason('wash-food') : null,
            $situation->plant->tolerance->surface !== Surface::Soil && $oil && ! self::holdsOil($kinds) ? new Reason('no-emulsifier') : null,
        ]));
    }

    /** @param list<Substance> $kinds */
    private static function holdsOil(array $kinds): bool
    {
        return array_filter($kinds, static fn(Substance $kind): bool => $kind->isEmulsifier()) !== [];
    }

    /**
     * @param list<string>|null $cupboard
     *
     * @return list<string> names
     */
    private static function missing(Mixture $mixture, ?array $cupboard): array
    {
        if ($cupboard === null) {
            return [];
        }
        $needed = array_map(static fn($part): Ingredient => $part->ingredient, $mixture->parts);

        return array_values(array_unique(array_map(
            static fn(Ingredient $ingredient): string => $ingredient->name,
            array_filter($needed, static fn(Ingredient $ingredient): bool => ! in_array($ingredient->slug, $cupboard, true)),
        )));
    }
}
