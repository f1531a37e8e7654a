<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;

/** Whether it goes where it was made for, and in its season. Common practice, no source. */
final readonly class PlaceRule implements Rule
{
    public function verdicts(Question $question): array
    {
        $spray = $question->spray;
        $onto = ['plant' => $question->words()];

        return array_values(array_filter([
            $spray->isPoured() ? self::poured($question, $onto) : null,
            ! $spray->isPoured() && $question->lands(Surface::Soil) ? Verdict::of(Finding::LeafSprayOnSoil) : null,
            $spray->use === RecipeUse::Dormant ? self::winterOil($question, $onto) : null,
            $spray->isSwab() ? self::swab($question, $onto) : null,
        ]));
    }

    /** Why it may not go there at any strength; null where it may. */
    public function misplaced(Question $question): ?Verdict
    {
        foreach ($this->verdicts($question) as $verdict) {
            if ($verdict->level === Level::Stop) {
                return $verdict;
            }
        }

        return null;
    }

    /** @param array<string, string> $onto */
    private static function poured(Question $question, array $onto): Verdict
    {
        $planted = $question->lands(Surface::Soil) && array_filter($question->targets, static fn(Target $target): bool => $target->plant->planted ?? false) !== [];

        return match (true) {
            ! $question->lands(Surface::Soil) => Verdict::of(Finding::DrenchOnLeaves, $onto),
            $planted && ($question->spray->practice->onlyWhereNothingGrows ?? false) => Verdict::of(Finding::DrenchPlanted),
            default => Verdict::of(Finding::DrenchOnSoil),
        };
    }

    /** @param array<string, string> $onto */
    private static function winterOil(Question $question, array $onto): ?Verdict
    {
        $plant = $question->plant;

        return match (true) {
            $plant->stage?->hasGreen() === true => Verdict::of(Finding::WinterOilOnGreen),
            $plant->isBare() => $plant->stage === null && $question->season === Season::Growing ? Verdict::of(Finding::WinterOilInSeason) : null,
            // A plant of which nobody said how far it is may be bare now, whatever its leaves are; one that keeps them never is.
            $plant->kind !== null && $plant->kind->standsBare && ($plant->leaf === null || $plant->leaf->slug === $plant->kind->leaf->slug) => Verdict::of(Finding::BareUnknown, ['kind' => $plant->kind->name]),
            $question->lands(Surface::Leaf) && ($plant->leaf !== null || $plant->kind !== null) => Verdict::of(Finding::WinterOilOnLeaves, $onto),
            $question->season === Season::Growing => Verdict::of(Finding::WinterOilInSeason),
            default => null,
        };
    }

    /** @param array<string, string> $onto */
    private static function swab(Question $question, array $onto): Verdict
    {
        foreach ($question->spray->strengths->in(SubstanceGroup::Alcohol) > 0.0 ? $question->targets : [] as $target) {
            if ($target->plant?->wiltsByAlcohol === true) {
                return Verdict::of(Finding::SwabOnHairs, $onto);
            }
        }

        return Verdict::of(Finding::Swab);
    }
}
