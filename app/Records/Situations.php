<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Count;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use App\Models\Stale;
use DateTimeImmutable;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use stdClass;

/** Reads a case as the situation that a spray is chosen for. */
final readonly class Situations
{
    public function __construct(private TroubleCatalogue $troubles, private ToleranceCatalogue $tolerance, private Rhythms $rhythms, private OwnResults $own, private Whoms $whoms, private RecipeShelf $shelf, private ShelfBook $cupboard, private GoodHours $hours, private HelpersSeen $helpers) {}

    public function trouble(PestCase $case): Trouble
    {
        return $this->troubles->trouble($case->pest);
    }

    public function of(PestCase $case, SaidOfCase $said, DateTimeImmutable $now): Situation
    {
        return new Situation(
            $this->trouble($case),
            $said->stage,
            $said->severity,
            $case->plant->name,
            $this->whoms->said($case->plant, $said, $now),
            $said->cats,
            $said->hardness,
            $this->cupboard->cupboard(),
            $this->own->against($case->pest),
            $this->shelf->own(),
            $this->hours->at($now)->celsius($case->plant),
            $this->isCrowded($case->plant),
            self::counted($case),
            $said->seen,
        );
    }

    /** Whether another plant stands at the same place. */
    private function isCrowded(Plant $plant): bool
    {
        return $plant->place !== '' && Plant::query()->whereNull('retired_at')->where('place', $plant->place)->whereKeyNot($plant->id)->exists();
    }

    /** Its last count; null where it was never counted. */
    private static function counted(PestCase $case): ?float
    {
        return $case->counts->filter(static fn(Count $count): bool => ! $count->untreated)->last()?->value;
    }

    /** What was said of a case is kept with it as it was sent; how bad it is sets the days of its rounds. */
    public function note(PestCase $case, SaidOfCase $said, stdClass $sent, DateTimeImmutable $now): void
    {
        $kept = [...(array) $sent, 'seenAt' => $this->helpers->since($case, $said->seen, $now)->format(DATE_RFC3339)];
        $case->fill(['situation' => json_encode($kept, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR)]);
        // Who opens the bench again says what was said before: nothing is weighed anew for it.
        if ($case->isDirty()) {
            $case->save();
            Stale::case($case->id);
        }
    }

    /** What was said of the plant once is kept with it: what was sprayed on it lately, and what marks its kind. */
    public function keep(Plant $plant, SaidOfCase $said, DateTimeImmutable $now): void
    {
        $today = $now->format('Y-m-d');
        $had = $this->whoms->of($plant, $now)->had;
        $columns = array_filter([
            'wounded' => $said->wounded === $plant->wounded ? null : $said->wounded,
            'soap_sensitive' => $said->soapSensitive === $plant->soap_sensitive ? null : $said->soapSensitive,
            'sulfur_on' => $said->sulfurLately && ! $had->isSulfurLately() ? $today : null,
            'copper_on' => $said->copperLately && ! $had->isCopperLately() ? $today : null,
            'oil_on' => $said->oilLately && ! PlantCalendar::isOilLately($plant->oil_on, $now) && ! $this->sprayedOil($plant, $now) ? $today : null,
            'dry_on' => $said->dryAtRoot && ! PlantCalendar::isDry($plant->dry_on, $now) ? $today : null,
            ...self::stage($plant, $said, $now),
        ], static fn(mixed $value): bool => $value !== null);
        $gone = array_filter([
            'sulfur_on' => ! $said->sulfurLately && PlantCalendar::isSulfurLately($plant->sulfur_on, $now),
            'copper_on' => ! $said->copperLately && PlantCalendar::isCopperLately($plant->copper_on, $now),
            'oil_on' => ! $said->oilLately && PlantCalendar::isOilLately($plant->oil_on, $now),
            'dry_on' => ! $said->dryAtRoot && PlantCalendar::isDry($plant->dry_on, $now),
            'stage' => ! $said->seedling && Whoms::stage($plant, $now) === Stage::Seedling,
        ]);
        $changes = [...$columns, ...array_map(static fn(bool $gone): null => null, $gone)];
        if ($changes !== []) {
            Corrections::correct($plant, $plant->version, $changes, $now);
        }
    }

    /** @return array<string, string> */
    private static function stage(Plant $plant, SaidOfCase $said, DateTimeImmutable $now): array
    {
        return $said->seedling && Whoms::stage($plant, $now) !== Stage::Seedling ? ['stage' => Stage::Seedling->value, 'stage_on' => $now->format('Y-m-d')] : [];
    }

    /** Whether a round of the last days had oil in it. */
    private function sprayedOil(Plant $plant, DateTimeImmutable $now): bool
    {
        foreach (Round::query()->whereIn('case_id', PestCase::any(PestCase::query())->where('plant_id', $plant->id)->select('id'))->with('batch:id,made')->get() as $round) {
            if (PlantCalendar::isOilLately($round->sprayed_at, $now) && ($round->bought()?->holds === Holds::Oil || ($round->batch !== null && BatchBook::composition($round->batch)?->hasOil() === true))) {
                return true;
            }
        }

        return false;
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
        $is = $this->whoms->now($plant, $now);
        $had = $this->whoms->of($plant, $now)->had;
        $trouble = $this->trouble($case);
        // Bare wood is met in the winter stage of a pest that has one.
        $stage = $this->tolerance->get($plant->tolerance)->surface === Surface::Wood && in_array('winter', $trouble->stages, true) ? 'winter' : $trouble->stages[0];

        return new SaidOfCase(
            $own->text('stage') ?? $stage,
            $this->rhythms->severity($case, $latestCount),
            $plant->indoors,
            $house->flag('cats'),
            $house->number('hardnessMgL'),
            $is->bearsNoOil(),
            $is->isInBloom(),
            $is->dryRoot,
            $is->stage === Stage::Seedling,
            $plant->wounded,
            PlantCalendar::isEatenSoon($plant->harvest_on, $now),
            $is->isSoapSensitive(),
            $had->isSulfurLately(),
            $had->isCopperLately(),
            PlantCalendar::isOilLately($plant->oil_on, $now) || $this->sprayedOil($plant, $now),
            $this->helpers->on($case, $now),
        );
    }
}
