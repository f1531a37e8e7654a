<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\IngredientKind;
use IdleMixer\Core\Leaf\Surface;
use IdleMixer\Core\Mix\Mixture;

/**
 * Which cautions go with a mixture; the words are in `core/data/caution-words.php`.
 */
final class Cautions
{
    /** What is harmless by itself and not together: facts of the chemistry, from memory. */
    private const PAIRS = [
        [IngredientKind::Peroxide, IngredientKind::Soda, 'gas-pressure'],
        [IngredientKind::Peroxide, IngredientKind::Alcohol, 'oxidiser-and-fuel'],
        [IngredientKind::Alcohol, IngredientKind::EssentialOil, 'strong-vapour'],
    ];

    /** @return list<string> codes: those of pairs first, the ones that always apply last */
    public static function of(Mixture $mixture, Target $target): array
    {
        $codes = [];
        $kinds = [];
        foreach ($mixture->parts as $part) {
            $kinds[] = $part->ingredient->kind;
            array_push($codes, ...self::ofKind($part->ingredient->kind));
        }
        foreach (self::PAIRS as [$one, $other, $code]) {
            if (in_array($one, $kinds, true) && in_array($other, $kinds, true)) {
                array_unshift($codes, $code);
            }
        }
        if ($target->surface() === Surface::Leaf) {
            array_push($codes, 'no-sun', 'no-bloom');
        }
        if ($target->surface() === Surface::Wood) {
            $codes[] = 'no-frost';
        }
        array_push($codes, 'gloves-and-eyes', 'pets-and-children', 'label-it', 'local-rules');

        return array_values(array_unique($codes));
    }

    /** @return list<string> */
    private static function ofKind(IngredientKind $kind): array
    {
        return match ($kind) {
            IngredientKind::Alcohol => ['flammable', 'no-bleach'],
            IngredientKind::Peroxide => ['no-vinegar', 'no-bleach'],
            IngredientKind::EssentialOil => ['skin-and-cats', 'water-life'],
            IngredientKind::Oil => ['water-life', 'no-sulfur', 'heat-and-cold'],
            IngredientKind::Soap, IngredientKind::Detergent => ['water-life', 'no-bleach'],
            IngredientKind::NonIonic => ['water-life'],
            IngredientKind::Soda => ['no-vinegar'],
            IngredientKind::Egg => ['same-day'],
        };
    }
}
