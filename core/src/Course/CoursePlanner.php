<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Method\Chore;
use IdleMixer\Core\Method\Onto;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\Biology;
use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\Turns;
use IdleMixer\Core\Weather\SprayWants;

/** The one answer to what comes next: lays out a course from its start, and says how it stands today. */
final readonly class CoursePlanner
{
    /** Why a method of the course is left out: it does nothing to what is there, or a season has had enough of it. */
    private const USELESS = 'useless';

    private const USED_UP = 'used-up';

    public function __construct(
        private CourseMethods $methods,
        private Turns $turns,
        private BiologyCatalogue $biology,
        private LeafPace $pace,
        private Refusals $refusals,
        private Season $season,
        private Judged $judged,
        private SprayWants $wants,
    ) {}

    public static function shipped(): self
    {
        return new self(CourseMethods::shipped(), Turns::shipped(), BiologyCatalogue::shipped(), LeafPace::shipped(), Refusals::shipped(), Season::shipped(), Judged::shipped(), SprayWants::shipped());
    }

    public function plan(CourseAsk $ask): Course
    {
        if ($ask->methods === []) {
            return KeptApart::laid($ask, self::bought($ask));
        }
        $biology = $ask->trouble === null ? null : $this->biology->of($ask->trouble->slug);
        $names = $barred = $rotation = $left = [];
        foreach ($ask->methods as $method) {
            $slug = $method->recipe->slug;
            $names[$slug] = $method->recipe->name;
            // What comes next is settled: it is laid out, and judged elsewhere.
            if ($ask->settled === null && $method->stop !== null) {
                $barred[$slug] = $method->stop;
            } elseif ($ask->settled !== null || $this->isUsable($method, $ask)) {
                $rotation[$slug] = $this->methods->inTurn($method, $ask->pressure, $ask->trouble, $biology, count($ask->methods) > 1 ? null : $ask->celsius, $ask->everyDays);
            } else {
                $left[] = new Act(0, ActKind::Look, $slug, $method->effects === [] && $ask->trouble !== null ? self::USELESS : self::USED_UP, ['day' => 0]);
            }
        }
        $left = [...self::barredActs($barred), ...$left];
        $limits = $this->season->used($ask);
        $refusal = $ask->settled === null ? $this->refusals->of($ask, $rotation) : null;
        if ($refusal !== null) {
            return new Course($refusal->state, $refusal->because, $refusal->args, $refusal->next, self::sorted([...self::had($ask), ...self::bought($ask), ...$left, ...$refusal->next]), [], $barred, $names, null, $limits, $refusal->nearest);
        }
        $standing = Standing::of($ask, $rotation, $biology, $this->judged->rounds($ask), $this->pacing($ask), new PutOff($ask, $this->wants, $this->pace));

        return $this->laid($ask, $standing, $rotation, $biology, $barred, $names, $limits, $left);
    }

    private function pacing(CourseAsk $ask): RoundsAhead
    {
        return new RoundsAhead($this->turns, $this->pace->loads(), $ask->wanted, $ask->free);
    }

    /** Whether it does something to what is there, and the season leaves a round of it. */
    private function isUsable(CourseMethod $method, CourseAsk $ask): bool
    {
        // What a school has in turn with another may work on something else: the soil, with what is sprayed on leaves.
        $isPartner = array_filter($ask->methods, static fn(CourseMethod $one): bool => in_array($method->recipe->slug, $one->method->inTurnWith, true) && $one->effects !== []) !== [];

        return ($ask->trouble === null || $method->effects !== [] || $isPartner) && ($this->season->left($method, $ask) ?? 1) > 0;
    }

    /**
     * @param array<string, InTurn>                             $rotation
     * @param array<string, Verdict> $barred
     * @param array<string, string>                             $names
     * @param list<SeasonUse>                                   $limits
     * @param list<Act>                                         $left     why methods are left out
     */
    private function laid(CourseAsk $ask, Standing $standing, array $rotation, ?Biology $biology, array $barred, array $names, array $limits, array $left): Course
    {
        $development = $biology?->at($ask->celsius ?? ScheduleLines::USUAL_CELSIUS['value']);
        $rounds = $standing->rounds($this->pacing($ask), $development, $this->pace);
        $looks = $ask->pressure === Pressure::Prevention ? LooksBetween::beforeEach($rounds, $ask) : LooksBetween::around($rounds, $rotation, $ask->budBreak);
        // What is given up is told by its looks alone.
        $entries = $standing->isOver() ? array_values(array_filter($looks, static fn(Act $act): bool => $act->done || $act->kind !== ActKind::Round)) : $looks;
        $entries = self::sorted([...$left, ...self::inTheirHours($entries, $ask), ...$standing->more, ...self::counted($ask), ...self::bought($ask), ...self::chores($ask, $rounds, $standing)]);
        $next = [...$standing->more, ...array_values(array_filter($entries, static fn(Act $act): bool => ! $act->done && $act->day >= $ask->today && ! in_array($act, $left, true)))];
        if ($next === []) {
            $next = [new Act($ask->today + ScheduleLines::WEEK['value'], ActKind::Look, null, 'weekly-look', ['day' => $ask->today + ScheduleLines::WEEK['value']])];
            $entries = self::sorted([...$entries, ...$next]);
        }
        $first = min(array_map(static fn(Act $act): int => $act->day, $next));
        $round = array_values(array_filter($next, static fn(Act $act): bool => $act->kind === ActKind::Round))[0] ?? null;
        $soon = array_values(array_filter(self::unique($next), static fn(Act $act): bool => $act->day === $first || $act === $round));
        $gaps = $development === null || $ask->pressure === Pressure::Prevention ? [] : Gaps::between(self::working($rounds, $rotation, $ask), $development);

        return new Course($standing->state, $standing->because, $standing->args, $soon, $entries, $gaps, $barred, $names, $development, $limits);
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<Act> rounds with the best of their hours that day: good ones before workable ones, the first of them
     */
    private static function inTheirHours(array $acts, CourseAsk $ask): array
    {
        return array_map(static function (Act $act) use ($ask): Act {
            $windows = $act->kind !== ActKind::Round || $act->done ? [] : array_values(array_filter($ask->hours ?? [], static fn(array $one): bool => $one[0] === $act->day));
            usort($windows, static fn(array $a, array $b): int => [$a[1]->verdict->rank(), $a[1]->from] <=> [$b[1]->verdict->rank(), $b[1]->from]);

            return $windows === [] ? $act : $act->within(new DateTimeImmutable("@{$windows[0][1]->from}"), new DateTimeImmutable("@{$windows[0][1]->to}"));
        }, $acts);
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<Act> each once
     */
    private static function unique(array $acts): array
    {
        $all = [];
        foreach ($acts as $act) {
            $all["{$act->day} {$act->kind->value} {$act->recipe} {$act->because}"] ??= $act;
        }

        return array_values($all);
    }

    /** @return list<Act> rounds that were had */
    private static function had(CourseAsk $ask): array
    {
        return array_map(static fn(Recorded $one): Act => new Act($one->day, ActKind::Round, $one->recipe, 'had', ['day' => $one->day], done: true), $ask->recorded(RecordKind::Round));
    }

    /** @return list<Act> what was bought and sprayed, or set out */
    private static function bought(CourseAsk $ask): array
    {
        return array_map(static fn(Recorded $one): Act => new Act($one->day, ActKind::Bought, null, 'had', ['day' => $one->day, 'name' => $one->name], done: true), $ask->recorded(RecordKind::Bought, RecordKind::SetOut));
    }

    /** @return list<Act> looks and counts that were made */
    private static function counted(CourseAsk $ask): array
    {
        return array_map(static fn(Recorded $one): Act => new Act($one->day, $one->kind === RecordKind::Count ? ActKind::Count : ActKind::Look, null, $one->isClean() ? 'looked-clean' : 'looked', ['day' => $one->day, 'count' => $one->value ?? 0.0], done: true), $ask->recorded(RecordKind::Count, RecordKind::Look));
    }

    /**
     * @param array<string, Verdict> $barred
     *
     * @return list<Act>
     */
    private static function barredActs(array $barred): array
    {
        return array_map(static fn(string $slug): Act => new Act(0, ActKind::Look, $slug, 'barred', ['day' => 0]), array_keys($barred));
    }

    /**
     * What hands do before the next round, and between it and the one after.
     *
     * @param list<Act> $rounds
     *
     * @return list<Act>
     */
    private static function chores(CourseAsk $ask, array $rounds, Standing $standing): array
    {
        $acts = [];
        foreach ($standing->isOver() ? [] : $rounds as $i => $round) {
            $method = $ask->method($round->recipe)?->method;
            if ($method === null || $round->done) {
                continue;
            }
            if ($method->before !== [] && $acts === []) {
                $acts[] = new Act($round->day, ActKind::HandWork, $round->recipe, 'before-round', ['day' => $round->day, 'chores' => implode(' ', array_map(static fn(Chore $one): string => $one->value, $method->before))]);
            }
            $until = $rounds[$i + 1]->day ?? null;
            if (in_array(Chore::SwabDaily, $method->after, true) && ($until === null || $until > $round->day + 1)) {
                $acts[] = new Act($round->day + 1, ActKind::HandWork, $round->recipe, 'between-rounds', ['day' => $round->day + 1, 'chores' => Chore::SwabDaily->value], $until === null ? $round->day + ScheduleLines::WEEK['value'] : $until - 1);
            }
        }

        return $acts;
    }

    /**
     * @param list<Act>             $rounds
     * @param array<string, InTurn> $rotation
     *
     * @return list<int> days on which something works, earliest first
     */
    private static function working(array $rounds, array $rotation, CourseAsk $ask): array
    {
        $days = [];
        foreach ($rounds as $round) {
            array_push($days, ...range($round->day, $round->day + ($rotation[(string) $round->recipe]->lasts ?? 0)));
        }
        $days = array_values(array_unique($days));
        sort($days);

        // A spray that is put on bare wood once meets what winters there, not what hatches from then on.
        return count($rounds) === 1 && $ask->method($rounds[0]->recipe)?->method->surface === Onto::BareWood ? [] : $days;
    }

    /**
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function sorted(array $acts): array
    {
        $order = array_flip(array_column(ActKind::cases(), 'value'));
        usort($acts, static fn(Act $a, Act $b): int => [$a->day, $order[$a->kind->value]] <=> [$b->day, $order[$b->kind->value]]);

        return $acts;
    }
}
