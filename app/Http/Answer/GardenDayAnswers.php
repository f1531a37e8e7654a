<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Records\ChosenSpray;
use App\Records\GardenBook;
use App\Records\OwnSprays;
use App\Records\WeatherBook;
use DateTimeImmutable;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\BestHours;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Weather\GardenDay;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Wording\GardenDayWords;

/** Tells of the day in the garden: what the sky does, against what the spray bears that is due. */
final readonly class GardenDayAnswers
{
    public function __construct(private GardenBook $garden, private WeatherBook $weather, private OwnSprays $own, private GardenDayWords $words, private WindowAnswers $windows) {}

    /**
     * @param list<Task>      $tasks
     * @param array<int, int> $ready the batch that waits to be sprayed, by case
     *
     * @return GardenDayAnswer|null null where nobody said where the garden lies, or nobody tells its weather
     */
    public function of(array $tasks, array $ready, DateTimeImmutable $now): ?GardenDayAnswer
    {
        $place = $this->garden->place();
        $told = $place === null ? [] : $this->weather->around($place, $now)->hours;
        if ($place === null || $told === []) {
            return null;
        }
        $day = GardenDay::of($place, $told, $now);
        $midnight = $now->setTimezone($place->zone)->setTime(0, 0);
        $end = $midnight->modify('+1 day');
        $due = array_values(array_filter($tasks, static fn(Task $task): bool => $task->kind->isSprayed() && Agenda::isForToday($task->dueAt, $now->setTimezone($place->zone))));
        $first = array_values(array_filter($due, static fn(Task $task): bool => $task->hours !== []))[0] ?? $due[0] ?? null;
        $windows = array_map(static fn(Window $one): Window => new Window($one->from, min($one->to, $end->getTimestamp()), $one->verdict, $one->reason, $one->darkAt), array_values(array_filter($first->hours ?? [], static fn(Window $one): bool => $one->from < $end->getTimestamp())));
        $best = array_values(array_filter(array_map(static fn(Task $task): ?BestHours => $task->best, $due)));
        $spray = $first === null ? null : $this->spray($first, $ready, $now);
        [$cold, $hot] = $spray === null ? [null, null] : GardenDay::bearable($spray->wants);

        return new GardenDayAnswer(
            Instant::of($midnight),
            Instant::of($end),
            $place->zone->getName(),
            new SunAnswer($day->sun->rise === null ? null : GardenAnswers::instant($day->sun->rise), $day->sun->set === null ? null : GardenAnswers::instant($day->sun->set)),
            array_map(static fn(ToldHour $hour): SkyHourAnswer => new SkyHourAnswer(GardenAnswers::instant($hour->at), $hour->temperature, $hour->wind, $hour->rain), $day->hours),
            $this->windows->all($windows, $place->zone),
            $spray->name ?? '',
            $cold,
            $hot,
            WeatherLines::WIND_GOOD['value'],
            $this->words->spray($due !== [], $best, $now, $place->zone),
            $this->words->sky($day, $now, $place->zone),
        );
    }

    /** @param array<int, int> $ready */
    private function spray(Task $task, array $ready, DateTimeImmutable $now): ?ChosenSpray
    {
        return $task->kind->isRound() && $task->hours !== [] ? $this->own->ofCase($task->ref, $ready[$task->ref] ?? null, $now) : null;
    }
}
