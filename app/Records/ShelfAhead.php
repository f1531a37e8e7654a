<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Cupboard\FromCupboard;
use IdleMixer\Core\Cupboard\ShoppingList;
use IdleMixer\Core\Cupboard\ToBuy;
use IdleMixer\Core\Cupboard\Wanted;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Vessel\UsualFill;

/** What the rounds ahead of all cases and courses will take from the shelf: each one fill of the sprayer that was used last. */
final readonly class ShelfAhead
{
    public function __construct(private ShelfBook $shelf, private CasePlans $plans, private CoursesAhead $courses, private RecipeShelf $recipes, private FromCupboard $cupboards, private RecipeCatalogue $shipped, private Formulator $formulator) {}

    /** @return list<ToBuy> */
    public function list(DateTimeImmutable $now): array
    {
        $wanted = [];
        foreach ($this->rounds($now) as [$on, $mixture]) {
            foreach ($mixture->parts as $part) {
                $wanted[] = new Wanted($on, $part->ingredient->slug, $part->millilitres);
            }
        }

        return ShoppingList::of($wanted, $this->shelf->cupboard() ?? new Cupboard([]));
    }

    /** @return list<Mixture> what each round ahead is one fill of */
    public function fills(DateTimeImmutable $now): array
    {
        return array_column($this->rounds($now), 1);
    }

    /** @return list<array{DateTimeImmutable, Mixture}> each round of the weeks ahead: its day, and one fill of its spray */
    private function rounds(DateTimeImmutable $now): array
    {
        $cupboard = $this->shelf->cupboard() ?? new Cupboard([]);
        $fill = AtHand::fillOf(AtHand::lastSprayer())->volume();
        $mixed = $rounds = [];
        foreach ([...$this->plans->open($now), ...array_values($this->courses->open($now))] as $laid) {
            foreach ($laid->course->entries as $act) {
                if ($act->kind !== ActKind::Round || $act->done || $act->recipe === null || $act->day < $laid->today || $act->day > $laid->today + ScheduleLines::SHOPPED_AHEAD['value']) {
                    continue;
                }
                $mixed[$act->recipe] ??= $this->fill($act->recipe, $fill, $cupboard);
                $rounds[] = [$laid->on($act->day), $mixed[$act->recipe]];
            }
        }

        return $rounds;
    }

    /** One fill of it, as this house makes it. */
    private function fill(string $slug, Volume $fill, Cupboard $cupboard): Mixture
    {
        $recipe = $this->recipes->named([$slug])[0] ?? null;
        if ($recipe === null) {
            return new Mixture(0.0, [], []);
        }
        $stocked = $this->cupboards->of($recipe, $this->shipped->practiceOf($recipe), $cupboard);

        return $this->formulator->scaledTo(UsualFill::inAJar($recipe->use)?->volume() ?? $fill, $stocked->recipe);
    }
}
