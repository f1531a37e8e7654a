<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Wording\Figures;

/** Writes what is in a mixture, and how strong it is. */
final class MixtureWriter
{
    /** @return list<WrittenLine> */
    public static function lines(Mixture $mixture): array
    {
        $lines = [];
        foreach ($mixture->parts as $part) {
            $lines[] = new WrittenLine($part->ingredient->slug, $part->ingredient->name, $part->millilitres, $part->grams());
        }

        return $lines;
    }

    /** @return array<string, float> percent of the finished spray; soda in g per 100 mL */
    public static function strength(Strengths $strengths): array
    {
        $all = [];
        foreach (SubstanceGroup::cases() as $group) {
            $all[$group->key()] = $strengths->in($group);
        }

        return $all;
    }

    /** @return list<string> as it is read out, only what is in it */
    public static function spoken(Strengths $strengths): array
    {
        return self::range($strengths, $strengths);
    }

    /** @return list<string> from the one to the other, where they differ: “0.77 to 1.52 % oil” */
    public static function range(Strengths $low, Strengths $high): array
    {
        $words = [];
        foreach (SubstanceGroup::cases() as $group) {
            [$from, $to] = [$low->in($group), $high->in($group)];
            if (max($from, $to) > 0.0) {
                $words[] = Figures::strengths($from, $to, $group->unit(), self::named($group, $high));
            }
        }

        return $words;
    }

    /** What of a group is in it: detergent and soap bark are no soap. */
    private static function named(SubstanceGroup $group, Strengths $strengths): string
    {
        $there = array_filter(
            [Substance::TrueSoap->value => 'soap', Substance::Detergent->value => 'detergent', Substance::NonIonic->value => 'emulsifier'],
            static fn(string $what): bool => $strengths->percent(Substance::from($what)) > 0.0,
            \ARRAY_FILTER_USE_KEY,
        );

        return $group === SubstanceGroup::Soap && $there !== [] ? implode(' and ', $there) : $group->words();
    }
}
