<?php

declare(strict_types=1);

namespace IdleMixer\Core\Shelf;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Choice\Bearing;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\AsStocked;
use IdleMixer\Core\Cupboard\FromCupboard;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plan\CupboardReach;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Practice;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Vessel\UsualFill;

/** Finds the sprays that can be made now of what is in the house, how much of each, and what ends it. */
final readonly class CanMake
{
    /** Doses where no trouble is named: as written, else half. */
    private const DOSES = [1.0, ChoiceLines::HALF['value']];

    public function __construct(private Chooser $chooser, private RecipeCatalogue $shipped, private FromCupboard $cupboards, private Formulator $formulator, private Planner $planner) {}

    public static function shipped(): self
    {
        return new self(Chooser::shipped(), RecipeCatalogue::shipped(), FromCupboard::shipped(), new Formulator(), Planner::shipped());
    }

    public function of(ShelfAsk $ask): OnTheShelf
    {
        return $ask->situation === null ? $this->ofAll($ask) : $this->against($ask, $ask->situation);
    }

    private function against(ShelfAsk $ask, Situation $situation): OnTheShelf
    {
        $sprays = $lacking = [];
        foreach ($this->chooser->choose($situation)->proposed as $option) {
            $stocked = $option->stocked ?? new AsStocked($option->recipe, [], []);
            $found = $this->made($ask, $stocked, $option->practice, [$option->dose->factor ?? 1.0], $option->dose->highEnd ?? false, $option);
            if ($found instanceof Making) {
                $sprays[] = $found;
            } elseif ($found instanceof Lacking) {
                $lacking[] = $found;
            }
        }

        return new OnTheShelf(self::safeFirst($sprays), $lacking);
    }

    private function ofAll(ShelfAsk $ask): OnTheShelf
    {
        $sprays = $lacking = [];
        foreach ([...array_map($this->shipped->get(...), $this->shipped->slugs()), ...$ask->own] as $recipe) {
            $practice = $this->shipped->practiceOf($recipe);
            if ($recipe->use === RecipeUse::Stock || Bearing::place($recipe, $practice, $ask->whom->plant, false) !== []) {
                continue;
            }
            $found = $this->made($ask, $this->cupboards->of($recipe, $practice, $ask->cupboard), $practice, self::DOSES, false, null);
            if ($found instanceof Making) {
                $sprays[] = ['rank' => [$found->isMinded() ? 1 : 0, count($found->stocked->instead), $practice->work], 'is' => $found];
            } elseif ($found instanceof Lacking) {
                $lacking[] = ['rank' => [count($found->slugs), $practice->work], 'is' => $found];
            }
        }
        usort($sprays, static fn(array $a, array $b): int => $a['rank'] <=> $b['rank']);
        usort($lacking, static fn(array $a, array $b): int => $a['rank'] <=> $b['rank']);

        return new OnTheShelf(self::safeFirst(array_column($sprays, 'is')), array_column($lacking, 'is'));
    }

    /**
     * @param list<Making> $sprays
     *
     * @return list<Making> what these spoons would make too strong is last
     */
    private static function safeFirst(array $sprays): array
    {
        return [...array_values(array_filter($sprays, static fn(Making $one): bool => $one->level() !== Level::Stop)), ...array_values(array_filter($sprays, static fn(Making $one): bool => $one->level() === Level::Stop))];
    }

    /**
     * @param non-empty-list<float> $factors in the order in which they are wanted
     *
     * @return Making|Lacking|null null where the plant bears none of it
     */
    private function made(ShelfAsk $ask, AsStocked $stocked, Practice $practice, array $factors, bool $highEnd, ?Option $option): Making|Lacking|null
    {
        if ($stocked->missing !== []) {
            return new Lacking($stocked->recipe, $stocked->missing);
        }
        foreach ($factors as $factor) {
            $bench = self::bench($ask, $stocked->recipe, $practice, $factor, $highEnd);
            try {
                $whole = $this->formulator->scaledTo($bench->make, $bench->recipe, $highEnd, $factor);
            } catch (InvalidDocument) {
                // A bottle that is so weak that there is no room for so much of it.
                return null;
            }
            $left = [];
            foreach ($whole->parts as $part) {
                $left[$part->ingredient->slug] = $ask->cupboard->left($part->ingredient->slug, $part->ingredient->substance->hasStrength() ? $part->stated() : null);
            }
            $reach = CupboardReach::of($whole, array_filter($left, static fn(?float $one): bool => $one !== null));
            $makes = min($bench->make->millilitres(), $reach->finished ?? \INF);
            if ($reach->limiting !== null && $makes < AmountReader::MIN_VESSEL_ML) {
                return new Lacking($stocked->recipe, [$reach->limiting]);
            }
            $plan = $this->planner->plan($bench->with(make: Volume::ofMillilitres($makes)));
            if ($option !== null || $plan->gate->level() !== Level::Stop) {
                $cost = Cost::of([$plan->whole], $ask->cupboard);

                return new Making($stocked, $plan, $makes < $bench->make->millilitres() ? $reach->limiting : null, $cost->isWhole() ? $cost->money : null, $option);
            }
        }

        return null;
    }

    private static function bench(ShelfAsk $ask, Recipe $recipe, Practice $practice, float $factor, bool $highEnd): Bench
    {
        $jar = $ask->swabsInAJar ? UsualFill::inAJar($recipe->use)?->volume() : null;
        $fill = $jar !== null && $jar->millilitres() < $ask->sprayer->millilitres() ? $jar : $ask->sprayer;

        return new Bench(
            $recipe,
            $fill,
            $ask->unit,
            $fill,
            $highEnd,
            $factor,
            $ask->kit,
            $ask->water,
            Target::of($recipe->use, $ask->whom->plant->leaf),
            new Circumstances(everyDays: $practice->method->tightestDays(), rinsed: $practice->method->isRinsedAt(Pressure::Heavy)),
            1.0,
            Agitation::HandShake,
            false,
            $practice,
            $ask->whom,
        );
    }
}
