<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Models\Plant;
use App\Records\ChosenSpray;
use App\Records\ChosenSprays;
use App\Records\GardenBook;
use App\Records\Gates;
use App\Records\OwnDays;
use App\Records\OwnSprays;
use App\Records\PlantStands;
use App\Records\WeatherBook;
use App\Records\Whoms;
use DateTimeImmutable;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\Forecast;
use IdleMixer\Core\Weather\HourJudge;
use IdleMixer\Core\Weather\HourReason;
use IdleMixer\Core\Weather\JudgedHour;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\Sun;
use IdleMixer\Core\Weather\Teller;
use IdleMixer\Core\Weather\Week;
use IdleMixer\Core\Weather\Windows;
use IdleMixer\Core\Wording\HourWords;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Wording\WeatherWords;
use IdleMixer\Core\Words\Say;

/** Tells which hours of the coming week are good, plant by plant. */
final readonly class DayAnswers
{
    public function __construct(
        private ChosenSprays $sprays,
        private GardenBook $garden,
        private GardenAnswers $gardens,
        private WeatherBook $weather,
        private HourJudge $judge,
        private HourWords $words,
        private TroubleCatalogue $troubles,
        private Gates $gates,
        private Whoms $whoms,
        private Sentences $sentences,
        private OwnSprays $own,
        private WindowAnswers $windows,
        private OwnDays $ownDays,
    ) {}

    /** @param int|null $plant whose hours are told one by one; the first where it is null */
    public function of(string $spray, ?int $plant, DateTimeImmutable $now): DayAnswer
    {
        $own = $spray === '' || $spray === OwnSprays::KEY ? $this->own->all($now) : [];
        $chosen = $this->sprays->of($spray === OwnSprays::KEY ? '' : $spray, $now);
        $each = new ChoosableAnswer(OwnSprays::KEY, Say::it('answers/day-answers.each-its-own'));
        $all = [$each, ...array_map(static fn(array $one): ChoosableAnswer => new ChoosableAnswer($one[0], $one[1]), $this->sprays->all($now))];
        $place = $this->garden->place();
        $key = $own === [] ? new ChoosableAnswer($chosen->key, $chosen->name) : $each;
        if ($place === null) {
            return new DayAnswer(Instant::of($now), null, [], $key, $own === [] ? $chosen->batch : null, $all, null, [], null);
        }
        $forecast = $this->weather->around($place, $now);
        $from = WeatherBook::hour($now);
        $plants = $this->plants(array_keys($own));
        $inside = array_filter($plants, static fn(Plant $one): bool => $one->indoors) === [] ? [] : $forecast->inside($this->garden->room())->hours;
        $weeks = [Week::of($place, $forecast->hours), Week::of($place, $inside)];
        $judged = [];
        foreach ($plants as $one) {
            $judged[$one->id] = array_values(array_filter($this->judge->judge($weeks[$one->indoors ? 1 : 0], ($own[$one->id] ?? $chosen)->wants, PlantStands::of($one, $now)), static fn(JudgedHour $hour): bool => $hour->hour->told->at >= $from));
        }
        $shown = array_values(array_filter($plants, static fn(Plant $one): bool => $one->id === $plant))[0] ?? $plants[0] ?? null;

        return new DayAnswer(
            Instant::of($now),
            $this->gardens->now(),
            self::tellers($forecast, $from),
            $key,
            $own === [] ? $chosen->batch : null,
            $all,
            self::sun($place, $now),
            array_map(fn(Plant $one): SprayDayPlantAnswer => $this->plant($one, $own[$one->id] ?? $chosen, $judged[$one->id], $place, $now), $plants),
            $shown === null ? null : new HourGridAnswer($shown->id, $shown->name, array_map($this->hour(...), $judged[$shown->id])),
        );
    }

    /**
     * @param list<int> $kept ids of plants that are sprayed before they have anything
     *
     * @return list<Plant> those that have something; all where none has
     */
    private function plants(array $kept): array
    {
        $ill = PestCase::query()->whereNull('closed_at')->pluck('plant_id')->unique()->all();
        $all = array_values(Plant::query()->whereNull('retired_at')->orderBy('name')->get()->all());
        $some = array_values(array_filter($all, static fn(Plant $plant): bool => in_array($plant->id, [...$ill, ...$kept], true)));

        return $some === [] ? $all : $some;
    }

    /** @param list<JudgedHour> $hours from now on */
    private function plant(Plant $plant, ChosenSpray $chosen, array $hours, Place $place, DateTimeImmutable $now): SprayDayPlantAnswer
    {
        $cases = PestCase::query()->where('plant_id', $plant->id)->whereNull('closed_at')->get();
        $reason = $hours === [] ? null : $hours[0]->reasons[0] ?? null;
        $gate = $this->gates->of($this->whoms->of($plant, $now), $chosen->asked);
        $stop = $gate->stoppedBy();

        return new SprayDayPlantAnswer(
            $plant->id,
            $plant->name,
            ($plant->indoors ? 'indoors, ' : '') . PlantStands::of($plant, $now)->exposure->words(),
            implode(', ', $cases->map(fn(PestCase $case): string => $this->troubles->trouble($case->pest)->name)->all()),
            $hours === [] ? 'no' : $hours[0]->verdict->value,
            $reason === null ? $this->words->nothing() : $this->words->reason($reason),
            $this->windows->all($gate->barredBy() === null ? Windows::best($this->onOwnDays($hours, $place)) : [], $place->zone),
            $this->windows->all($gate->barredBy() === null ? Windows::all($hours) : [], $place->zone),
            $stop === null ? '' : $this->sentences->verdict($stop),
            $chosen->name,
        );
    }

    /**
     * @param list<JudgedHour> $hours
     *
     * @return list<JudgedHour> those of days that the gardener has; all of them where that leaves none of any use
     */
    private function onOwnDays(array $hours, Place $place): array
    {
        $free = $this->ownDays->of();
        if ($free === null) {
            return $hours;
        }
        $own = array_values(array_filter($hours, static fn(JudgedHour $hour): bool => $free->isFree((new DateTimeImmutable("@{$hour->hour->told->at}"))->setTimezone($place->zone)->format('Y-m-d'))));

        return Windows::all($own) === [] ? $hours : $own;
    }

    private function hour(JudgedHour $hour): HourAnswer
    {
        $told = $hour->hour->told;

        return new HourAnswer(
            GardenAnswers::instant($told->at),
            $hour->verdict->value,
            array_map(fn(HourReason $reason): string => $this->words->reason($reason), $hour->reasons),
            $told->temperature,
            $told->humidity,
            $told->wind,
            $told->rain,
            $told->cloud,
            round($hour->hour->deltaT, 1),
            round($hour->hour->sun),
        );
    }

    /** @return list<TellerAnswer> from now on */
    private static function tellers(Forecast $forecast, int $from): array
    {
        $ahead = array_filter($forecast->tellers, static fn(Teller $one): bool => $one->to > $from);

        return array_values(array_map(static fn(Teller $one): TellerAnswer => new TellerAnswer(WeatherWords::teller($one->kind, $one->name), GardenAnswers::instant(max($one->from, $from)), GardenAnswers::instant($one->to)), $ahead));
    }

    private static function sun(Place $place, DateTimeImmutable $now): SunAnswer
    {
        $day = Sun::day($place, $now);

        return new SunAnswer($day->rise === null ? null : GardenAnswers::instant($day->rise), $day->set === null ? null : GardenAnswers::instant($day->set));
    }
}
