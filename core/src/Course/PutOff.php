<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Method\Onto;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Weather\SprayWants;

/**
 * What moves the next round: a burn, bloom, dry roots, a leaf test that waits, rain that washed the last one off, hours that it may not
 * have. Common practice, no source. Each says what to do meanwhile.
 */
final readonly class PutOff
{
    private const HOURS_A_DAY = 24.0;

    public function __construct(private CourseAsk $ask, private SprayWants $wants) {}

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

    public function of(int $due, InTurn $spray): Moved
    {
        $method = $this->ask->method($spray->recipe);
        $washed = $method === null ? null : $this->washedOff($spray);
        [$day, $because, $args, $more] = [max($due, $this->ask->today), $due < $this->ask->today ? 'overdue' : 'on-its-day', ['due' => $due], []];
        if ($washed !== null && $washed + 1 < $due) {
            [$day, $because, $args] = [max($washed + 1, $this->ask->today), 'washed-off', ['rained' => $washed]];
        }
        $before = $day;
        foreach ($this->hindrances($method) as [$from, $why, $meanwhile]) {
            if ($from > $day) {
                [$day, $because, $args, $more] = [$from, $why, ['until' => $from - 1], $meanwhile];
            }
        }
        if ($this->ask->hours !== null && $method !== null) {
            $hour = $this->hourFrom($day);
            if ($hour === null && $this->ask->toldUntil !== null && $day <= $this->ask->toldUntil) {
                [$day, $because, $args] = [$this->ask->toldUntil + 1, 'no-good-hour', ['until' => $this->ask->toldUntil]];
            } elseif ($hour !== null && $hour > $day) {
                [$day, $because, $args] = [$hour, 'better-hour', ['until' => $hour]];
            }
        }

        return new Moved($day, $because, $args, $more, $day !== $due, $day > $before);
    }

    /** @return list<array{int, string, list<Act>}> the first day that each leaves, its code, and what is done meanwhile */
    private function hindrances(?CourseMethod $method): array
    {
        $today = $this->ask->today;
        $all = [];
        $rests = $this->restsUntil();
        if ($rests !== null) {
            $all[] = [$rests, 'burnt', [new Act(min($rests, $today + ScheduleLines::FIRST_BURN_LOOK['value']), ActKind::Look, null, 'burn-look', ['day' => $today + ScheduleLines::FIRST_BURN_LOOK['value']])]];
        }
        $tests = $this->ask->recorded(RecordKind::Test);
        $test = $tests === [] ? null : $tests[count($tests) - 1];
        if ($test !== null && $test->clean === null) {
            $read = $test->day + (int) ceil(max(LeafLines::WAITS['value']) / self::HOURS_A_DAY);
            $all[] = [$read, 'test-waits', [new Act(max($today, $read), ActKind::Test, $test->recipe, 'read-test', ['day' => $read])]];
        }
        if ($this->ask->bloomUntil !== null && $this->ask->bloomUntil >= $today && $method?->waitsForFlowers === true) {
            $all[] = [$this->ask->bloomUntil + 1, 'in-bloom', [new Act($today, ActKind::HandWork, null, 'by-hand-meanwhile', ['day' => $today])]];
        }
        if ($this->ask->plant->dryRoot && $method?->waitsForWater !== false) {
            $all[] = [$today + 1, 'dry-root', [new Act($today, ActKind::HandWork, null, 'water-it', ['day' => $today])]];
        }

        return $all;
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

    /** The first day from one on that has hours for it; null where none has, as far as is told. */
    private function hourFrom(int $day): ?int
    {
        $days = array_map(static fn(array $one): int => $one[0], array_filter($this->ask->hours ?? [], static fn(array $one): bool => $one[0] >= $day));

        return $days === [] ? null : min($days);
    }
}
