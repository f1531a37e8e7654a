<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Method\Onto;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Window;

/**
 * What is recorded on a course that moves its next round, and what to do meanwhile. Common practice, no source.
 */
final readonly class PutOff
{
    private const HOURS_A_DAY = 24.0;

    public function __construct(private CourseAsk $ask, private SprayWants $wants, private LeafPace $pace) {}

    /**
     * What burnt, or marked leaves in a test, is not sprayed again until a later test of it stayed clean.
     *
     * @param array<string, InTurn> $rotation
     *
     * @return array<string, InTurn>
     */
    public function withoutBurnt(array $rotation): array
    {
        $out = [];
        foreach ($this->ask->recorded(RecordKind::Burn, RecordKind::Test, RecordKind::Round) as $one) {
            if ($one->kind === RecordKind::Test && $one->clean === true && $one->recipe !== null) {
                unset($out[$one->recipe]);
            } elseif (($one->kind === RecordKind::Burn && $one->value > LeafLines::SLIGHT['value']) || ($one->kind === RecordKind::Test && $one->clean === false)) {
                $slug = $one->recipe ?? $this->lastBefore($one->day);
                $out += $slug === null ? [] : [$slug => true];
            }
        }

        return array_diff_key($rotation, $out);
    }

    /** @return array<string, int> */
    public function burnArgs(): array
    {
        return ['until' => ($this->restsUntil() ?? $this->ask->today) - 1];
    }

    /** @return list<Act> two leaves with half of it once the plant has rested, and a look meanwhile */
    public function afterBurn(): array
    {
        $until = max($this->ask->today, $this->restsUntil() ?? $this->ask->today);
        $look = $this->ask->today + ScheduleLines::FIRST_BURN_LOOK['value'];

        return [
            ...($look < $until ? [new Act($look, ActKind::Look, null, 'burn-look', ['day' => $look])] : []),
            new Act($until, ActKind::Test, $this->ask->methods[0]->recipe->slug, 'test-half', ['day' => $until]),
        ];
    }

    /** Days after which a leaf bears it again, at least 1. */
    public function again(InTurn $spray): int
    {
        return $this->pace->days($spray);
    }

    /** Where what moves rounds puts it: `RoundMoves`, asked in days of the course. */
    public function of(int $due, InTurn $spray): Moved
    {
        $method = $this->ask->method($spray->recipe);
        $last = $this->lastOwn();
        $bought = $this->boughtUntil();
        $isBought = $bought !== null && $bought > $due;
        $due = $isBought ? $bought : $due;
        $out = $method?->method->surface === Onto::Soil ? null : $this->last(RecordKind::SetOut);
        $test = $this->testUntil();
        $until = $this->restsUntil();
        $told = $this->ask->toldUntil;
        $washed = $method === null ? null : $this->washedOff($spray);
        $found = RoundMoves::of($this->at($due), new RoundFacts(
            $last === null ? null : $this->at($last),
            // What rain took is on no leaf any more.
            $this->at($last === null ? 0 : $last + ($washed === null ? $this->pace->days($spray) : 1)),
            // As rain has its day and no hour, it is taken to have fallen late.
            $washed === null ? null : $this->at($washed)->modify('+12 hours'),
            0,
            $test === null ? null : $this->at($test),
            $told === null || $method === null || $this->ask->hours === null ? null : array_map(fn(array $one): Window => $this->onItsDay($one[0], $one[1]), $this->ask->hours),
            $this->at($told ?? $this->ask->today)->modify('+12 hours'),
            $until === null ? null : $this->at($until),
            blooms: $this->ask->bloomUntil !== null && $method?->waitsForFlowers === true ? [null, $this->at($this->ask->bloomUntil)] : null,
            dryUntil: $this->ask->plant->dryRoot && $method?->waitsForWater !== false ? $this->at($this->ask->today + 1) : null,
            setOut: $out === null ? null : $this->at($out),
            free: $this->ask->free?->days,
        ), $this->at($this->ask->today));
        $day = max($this->ask->today, $found->at === null ? $due : $this->day($found->at));
        // What is over by today, or moves nothing within days, puts nothing off.
        $codes = array_values(array_map(static fn(MovedDate $one): string => $one->code, array_filter($found->moves, fn(MovedDate $one): bool => $one->to === null || (in_array($one->code, ['washed-off', 'own-days'], true) ? $this->day($one->to) !== $due : $this->day($one->to) > $this->ask->today))));
        $why = $codes === [] ? null : $codes[count($codes) - 1];
        // What brings it forward puts nothing off.
        $before = max($this->ask->today, $washed !== null && in_array('washed-off', $codes, true) ? $washed + 1 : $due);

        return match ($why) {
            null => $isBought && $due >= $this->ask->today ? new Moved($day, 'after-bought', ['bought' => (int) $this->last(RecordKind::Bought), 'days' => Bought::nextDays($this->ask->everyDays)], [], true, true) : new Moved($day, $due < $this->ask->today ? 'overdue' : 'on-its-day', ['due' => $due], [], $day !== $due, false),
            'washed-off' => new Moved($day, $why, ['rained' => (int) $washed], [], $day !== $due, false),
            default => new Moved($day, $why, ['until' => $why === 'no-good-hour' || $why === 'own-days' ? $day : $day - 1], array_merge(...array_map($this->meanwhile(...), $codes)), $day !== $due, $day > $before),
        };
    }

    /** @return list<Act> what is done until what moves it is over */
    private function meanwhile(string $why): array
    {
        $today = $this->ask->today;
        $look = $today + ScheduleLines::FIRST_BURN_LOOK['value'];

        return match ($why) {
            MovedDate::BURNT => [new Act(min($this->restsUntil() ?? $look, $look), ActKind::Look, null, 'burn-look', ['day' => $look])],
            'leaf-test' => [new Act(max($today, $this->testUntil() ?? $today), ActKind::Test, $this->lastTest()?->recipe, 'read-test', ['day' => $this->testUntil() ?? $today])],
            'in-bloom' => [new Act($today, ActKind::HandWork, null, 'by-hand-meanwhile', ['day' => $today])],
            'dry-root' => [new Act($today, ActKind::HandWork, null, 'water-it', ['day' => $today])],
            default => [],
        };
    }

    /** The day of the last round with one of its methods; null where none was had. */
    private function lastOwn(): ?int
    {
        $rounds = $this->ask->rounds();

        return $rounds === [] ? null : $rounds[count($rounds) - 1]->day;
    }

    private function last(RecordKind $kind): ?int
    {
        $all = $this->ask->recorded($kind);

        return $all === [] ? null : $all[count($all) - 1]->day;
    }

    /** When what comes next is decided on after something bought; null where nothing was bought since the last round of its own. */
    private function boughtUntil(): ?int
    {
        $bought = $this->last(RecordKind::Bought);

        return $bought === null || $bought < $this->lastOwn() ? null : $bought + Bought::nextDays($this->ask->everyDays);
    }

    private function lastTest(): ?Recorded
    {
        $tests = $this->ask->recorded(RecordKind::Test);

        return $tests === [] ? null : $tests[count($tests) - 1];
    }

    /** The day on which the leaf test that waits is read; null where none does. */
    private function testUntil(): ?int
    {
        $test = $this->lastTest();

        return $test === null || $test->clean !== null ? null : $test->day + (int) ceil(max(LeafLines::WAITS['value']) / self::HOURS_A_DAY);
    }

    /** Noon of that day: days are all that is asked. */
    private function at(int $day): DateTimeImmutable
    {
        return $this->begun()->modify("{$day} days")->modify('noon');
    }

    /** The day that stands for the start: that of the course only where weekdays count. */
    private function begun(): DateTimeImmutable
    {
        return new DateTimeImmutable($this->ask->free === null ? '1970-01-01' : $this->ask->free->start->format('Y-m-d'), new DateTimeZone('UTC'));
    }

    private function day(DateTimeImmutable $at): int
    {
        return (int) $this->begun()->diff($at->setTime(0, 0))->format('%r%a');
    }

    private function onItsDay(int $day, Window $window): Window
    {
        return new Window($this->at($day)->getTimestamp(), $this->at($day)->getTimestamp() + WeatherLines::APART['value'], $window->verdict, $window->reason);
    }

    /** The first day on which it may be sprayed again after the last burn; null where nothing burnt. */
    private function restsUntil(): ?int
    {
        $burns = array_filter($this->ask->recorded(RecordKind::Burn), static fn(Recorded $one): bool => $one->value > LeafLines::SLIGHT['value']);
        $last = $burns === [] ? null : $burns[array_key_last($burns)]->day + GateLines::BURN_RESTS['value'];

        return $last !== null && $last > $this->ask->today ? $last : null;
    }

    private function lastBefore(int $day): ?string
    {
        $slug = null;
        foreach ($this->ask->recorded(RecordKind::Round) as $round) {
            $slug = $round->day <= $day ? $round->recipe : $slug;
        }

        return $slug;
    }

    /** The day of the rain that took the last round off; null where none did. */
    private function washedOff(InTurn $spray): ?int
    {
        $rounds = $this->ask->rounds();
        $last = $rounds === [] ? null : $rounds[count($rounds) - 1];
        $method = $this->ask->method($last?->recipe);
        if ($last === null || $method === null || $this->ask->plant->site !== Site::Outdoors || $method->method->surface === Onto::Soil) {
            return null;
        }
        $wants = $this->wants->of($method->mixture, $method->recipe->use);
        $bears = min(array_map(static fn($want): float => $want->light->value, $wants->wants));
        $within = max(1, (int) floor($wants->dry->value / self::HOURS_A_DAY));
        foreach ($this->ask->recorded(RecordKind::Rain) as $rain) {
            if ($rain->day >= $last->day && $rain->day <= $last->day + $within && ($rain->value === null || $rain->value > max($bears, ScheduleLines::TENTH['value']))) {
                return $rain->day;
            }
        }

        return null;
    }
}
