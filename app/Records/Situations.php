<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use DateTimeImmutable;
use IdleMixer\Core\Choice\PlantState;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\SeverityScale;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Reads a case as the situation that a spray is chosen for. */
final readonly class Situations
{
    public function __construct(private TroubleCatalogue $troubles, private ToleranceCatalogue $tolerance, private SeverityScale $scale, private IngredientCatalogue $ingredients) {}

    public function trouble(PestCase $case): Trouble
    {
        return $this->troubles->trouble($case->pest);
    }

    /** @return list<string> slugs of all that may stand in a cupboard */
    public function ingredients(): array
    {
        return $this->ingredients->slugs();
    }

    public function of(PestCase $case, SaidOfCase $said): Situation
    {
        return new Situation(
            $this->trouble($case),
            $said->stage,
            $said->severity,
            new PlantState($case->plant->name, $this->tolerance->get($case->plant->tolerance), $said->bearsNoOil, $said->inBloom, $said->dryAtRoot, $said->seedling, $said->wounded, $said->eatenSoon),
            $said->indoors,
            $said->cats,
            $said->hardness,
            $said->cupboard,
        );
    }

    /**
     * What is known before anything is said: from the plant and its dates, the last count, and what was last said of the
     * household.
     */
    public function known(PestCase $case, ?float $latestCount, DateTimeImmutable $now): SaidOfCase
    {
        $own = new Remembered($case->situation);
        $house = $own->or(new Remembered(PestCase::query()->whereNotNull('situation')->orderByDesc('updated_at')->first()?->situation));
        $plant = $case->plant;
        $trouble = $this->trouble($case);
        // Bare wood is met in the winter stage of a pest that has one.
        $stage = $this->tolerance->get($plant->tolerance)->surface === Surface::Wood && in_array('winter', $trouble->stages, true) ? 'winter' : $trouble->stages[0];
        $counted = $this->scale->of($case->pest, $latestCount);

        return new SaidOfCase(
            $own->text('stage') ?? $stage,
            $latestCount === null ? Severity::tryFrom($own->text('severity') ?? '') ?? $counted : $counted,
            $plant->indoors,
            $house->flag('cats'),
            $house->number('hardnessMgL'),
            $house->texts('cupboard'),
            $plant->bears_no_oil,
            PlantCalendar::isInBloom($plant->bloom_from, $plant->bloom_until, $now),
            $own->flag('dryAtRoot'),
            $own->flag('seedling'),
            $own->flag('wounded'),
            PlantCalendar::isEatenSoon($plant->harvest_on, $now),
        );
    }
}
