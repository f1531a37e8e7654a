<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\Surface;

/**
 * Which cautions go with a spray on a plant; the words are in `core/words/en/cautions.php`. The first three are those that this mix and this
 * plant call for most. Common practice, no source.
 */
final class Cautions
{
    /** What is harmless by itself and not together: facts of the chemistry, from memory. */
    private const PAIRS = [
        [Substance::Peroxide, Substance::Soda, 'gas-pressure'],
        [Substance::Peroxide, Substance::Alcohol, 'oxidiser-and-fuel'],
        [Substance::Alcohol, Substance::EssentialOil, 'strong-vapour'],
    ];

    /** What belongs on a bottle that somebody else may find; the rest is about the bed. Common practice. */
    private const ON_BOTTLE = ['gloves-and-eyes', 'flammable', 'gas-pressure', 'oxidiser-and-fuel', 'same-day', 'skin-and-cats', 'strong-vapour', 'no-bleach', 'no-vinegar', 'water-life'];

    /** Whether a caution goes on the label of the bottle. */
    public static function isForBottle(string $code): bool
    {
        return in_array($code, self::ON_BOTTLE, true);
    }

    /** @return list<string> codes, the most telling first, the ones that always apply last */
    public static function of(Question $question): array
    {
        $spray = $question->spray;
        $indoors = $question->plant->site === Site::Indoors;
        $oilOnLeaves = $question->wetsLeaves() && $spray->strengths->in(SubstanceGroup::Oil) > 0.0;
        $pairs = array_filter(self::PAIRS, static fn(array $pair): bool => $spray->has($pair[0]) && $spray->has($pair[1]));

        return array_values(array_unique(array_keys(array_filter([
            ...array_fill_keys(array_column($pairs, 2), true),
            'flammable' => $spray->strengths->in(SubstanceGroup::Alcohol) >= GateLines::FLAMMABLE['value'],
            'skin-and-cats' => $spray->has(Substance::EssentialOil),
            'same-day' => $spray->has(Substance::Egg),
            'no-frost' => $question->lands(Surface::Wood),
            'no-sun' => $question->wetsLeaves(),
            'no-bloom' => $question->wetsLeaves() && $question->plant->site === Site::Outdoors,
            'heat-and-cold' => $oilOnLeaves,
            'no-sulfur' => $oilOnLeaves,
            'water-life' => ! $indoors && ! $spray->isSwab() && ($spray->strengths->oily() > 0.0 || $spray->strengths->in(SubstanceGroup::Soap) > 0.0),
            'no-vinegar' => $spray->has(Substance::Peroxide, Substance::Soda),
            'no-bleach' => $spray->has(Substance::Alcohol, Substance::Peroxide, Substance::TrueSoap, Substance::Detergent),
            'gloves-and-eyes' => true,
            'pets-and-children' => true,
            'label-it' => true,
            'local-rules' => true,
        ]))));
    }

    /**
     * @param list<string> $codes as `of` gives them
     *
     * @return list<string> those that stand in a first screen
     */
    public static function first(array $codes): array
    {
        return array_slice($codes, 0, GateLines::FIRST_CAUTIONS['value']);
    }
}
