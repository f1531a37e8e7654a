<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plant\Surface;

/**
 * Which cautions go with a mixture; the words are in `core/words/en/cautions.php`.
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

    /** @return list<string> codes: those of pairs first, the ones that always apply last */
    public static function of(Mixture $mixture, Target $target): array
    {
        $codes = [];
        $kinds = [];
        foreach ($mixture->parts as $part) {
            $kinds[] = $part->ingredient->substance;
            array_push($codes, ...self::ofKind($part->ingredient->substance));
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
    private static function ofKind(Substance $kind): array
    {
        return match ($kind) {
            Substance::Alcohol => ['flammable', 'no-bleach'],
            Substance::Peroxide => ['no-vinegar', 'no-bleach'],
            Substance::EssentialOil => ['skin-and-cats', 'water-life'],
            Substance::Neem, Substance::RefinedOil, Substance::KitchenOil => ['water-life', 'no-sulfur', 'heat-and-cold'],
            Substance::TrueSoap, Substance::Detergent => ['water-life', 'no-bleach'],
            Substance::NonIonic => ['water-life'],
            Substance::Soda => ['no-vinegar'],
            Substance::Egg => ['same-day'],
        };
    }
}
