<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;

/** Says what a spray is made of, and how strong: “0.77 % neem oil”. */
final class CompositionWords
{
    /** @return list<string> most of it first; none where nobody knows */
    public static function of(?Composition $spray): array
    {
        $components = array_values($spray->components ?? []);
        usort($components, static fn(Component $a, Component $b): int => [$b->middle(), $a->slug] <=> [$a->middle(), $b->slug]);

        return array_map(self::component(...), $components);
    }

    private static function component(Component $component): string
    {
        $pure = $component->substance->hasStrength() ? 'pure ' : '';

        return Figures::strengths($component->low, $component->high, $component->substance === Substance::Soda ? 'g per 100 mL' : '%', $pure . $component->name);
    }
}
