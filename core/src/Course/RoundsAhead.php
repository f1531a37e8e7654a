<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Schedule\Development;
use IdleMixer\Core\Schedule\FreeFrom;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\LeafLoad;
use IdleMixer\Core\Schedule\Turns;

/** Lays out the rounds of a programme: when, with what, and why then. */
final readonly class RoundsAhead
{
    /**
     * @param list<LeafLoad> $loads
     * @param list<int>      $wanted days that the gardener chose, earliest first: rounds come on them, and end with the last of them
     * @param FreeFrom|null  $free   days that the gardener has; null where that is every day
     */
    public function __construct(private Turns $turns, private array $loads, private array $wanted = [], private ?FreeFrom $free = null) {}

    /**
     * Against what is there: at least as often as practice has it, and until eggs of day 0 have hatched.
     *
     * @param non-empty-list<InTurn> $rotation
     * @param int|null               $pace     days that the gardener wants between rounds
     * @param list<array{int, InTurn}> $had    rounds that were had, by day, the first on day 0
     *
     * @param int|null $fewest rounds that practice has against what is there; null where it names none
     *
     * @return list<Act> sprays only, earliest first, those that were had among them
     */
    public function infested(array $rotation, ?Development $at, ?int $pace, array $had = [], ?int $fewest = null): array
    {
        return $this->laid($rotation, $pace, $had, self::isEnough($rotation, $at, $fewest));
    }

    /**
     * The same from a round on whose day and spray are settled.
     *
     * @param non-empty-list<InTurn>             $rotation what takes turns from that round on
     * @param non-empty-list<array{int, InTurn}> $had
     * @param array{int, InTurn}                 $next
     * @param string                             $why  code of the sentence that says it
     *
     * @return list<Act> sprays only, earliest first
     */
    public function goneOn(array $rotation, ?Development $at, array $had, array $next, string $why, ?int $fewest = null, ?int $pace = null): array
    {
        [$day, $spray] = $next;
        $before = $had[count($had) - 1];
        $due = new Act($day, ActKind::Round, $spray->recipe, $why, ['day' => $day, 'days' => max(0, $day - $before[0])]);
        // What was had of another does not count for it.
        $own = array_map(static fn(InTurn $one): string => $one->recipe, $rotation);
        $others = count(array_filter($had, static fn(array $one): bool => ! in_array($one[1]->recipe, $own, true)));
        $isEnough = self::isEnough($rotation, $at, $fewest);
        $laid = $this->laid($rotation, $pace, [...$had, $next], static fn(int $rounds, int $last): bool => $isEnough($rounds - $others, $last));

        return array_map(static fn(int $i, Act $entry): Act => $i === count($had) ? $due : ($i > count($had) ? $entry : new Act($entry->day, $entry->kind, $entry->recipe, $entry->because, $entry->args, done: true)), array_keys($laid), $laid);
    }

    /**
     * Days from the last round to one with a spray, by its turn and what a leaf bears.
     *
     * @param non-empty-list<array{int, InTurn}> $had
     */
    public function days(array $had, InTurn $next): int
    {
        return $this->next($next, $had, null)->day - $had[count($had) - 1][0];
    }

    /**
     * @param non-empty-list<InTurn> $rotation
     *
     * @return callable(int, int): bool of the rounds so far, and the day of the last
     */
    private static function isEnough(array $rotation, ?Development $at, ?int $rounds): callable
    {
        $paces = array_filter(array_map(static fn(InTurn $one): ?int => $one->pace, $rotation), is_int(...));
        $fewest = match (true) {
            count($rotation) > 1 && $at === null => ScheduleLines::CYCLES['value'] * count($rotation) - count(array_filter($rotation, static fn(InTurn $one): bool => $one->onSoil)),
            count($rotation) === 1 => min($rounds ?? ScheduleLines::ROUNDS['value'], $rotation[0]->inARow ?? \PHP_INT_MAX),
            default => $rounds ?? ScheduleLines::ROUNDS['value'],
        };
        $last = $at === null || $rounds !== null || $paces === [] || count(array_filter($rotation, static fn(InTurn $one): bool => $one->lasts > 0)) > 0 ? 0.0 : $at->covered(max($paces));

        return static fn(int $many, int $day): bool => $many >= $fewest && $day >= $last;
    }

    /**
     * @param non-empty-list<InTurn>  $rotation
     * @param list<array{int, InTurn}> $had
     * @param callable(int, int): bool $isEnough of the rounds so far, and the day of the last
     *
     * @return list<Act>
     */
    private function laid(array $rotation, ?int $pace, array $had, callable $isEnough): array
    {
        $done = $had === [] ? [[0, $rotation[0]]] : $had;
        if ($this->wantedAfter($done[count($done) - 1][0]) !== null) {
            $isEnough = fn(int $rounds, int $last): bool => $this->wantedAfter($last) === null;
        }
        $entries = array_map(static fn(array $one): Act => new Act($one[0], ActKind::Round, $one[1]->recipe, $had === [] ? 'first' : 'had', ['day' => $one[0]], done: $had !== []), $done);
        $last = array_search($done[count($done) - 1][1]->recipe, array_map(static fn(InTurn $one): string => $one->recipe, $rotation), true);
        for ($turn = (int) $last + 1; count($done) < ScheduleLines::MOST_ROUNDS['value'] && ! $isEnough(count($done), $done[count($done) - 1][0]); ++$turn) {
            $next = $rotation[$turn % count($rotation)];
            if (self::isOver($next, $rotation, $done)) {
                if (count(array_filter($rotation, static fn(InTurn $one): bool => ! self::isOver($one, $rotation, $done))) === 0) {
                    break;
                }
                continue;
            }
            $entry = $this->next($next, $done, $pace);
            $done[] = [$entry->day, $next];
            $entries[] = $entry;
        }

        return $entries;
    }

    /**
     * Whether a spray has had all its rounds: what is done once, and the soil in a rotation.
     *
     * @param list<InTurn>             $rotation
     * @param list<array{int, InTurn}> $done
     */
    private static function isOver(InTurn $one, array $rotation, array $done): bool
    {
        $once = $one->pace === null || ($one->onSoil && count($rotation) > 1);

        return ($once && self::lastOf($one, $done) !== null) || ($one->inARow !== null && self::many($one, $done) >= $one->inARow);
    }

    /** @param non-empty-list<array{int, InTurn}> $done */
    private function next(InTurn $next, array $done, ?int $pace): Act
    {
        [$before, $last] = $done[count($done) - 1];
        $own = self::lastOf($next, $done);
        $same = $last->recipe === $next->recipe;
        $chosen = $this->wantedAfter($before);
        $wanted = match (true) {
            $chosen !== null => $chosen,
            $pace !== null => $before + $pace,
            $same => $before + ($next->paceAfter(self::many($next, $done)) ?? 0),
            default => max($before + $this->turns->between($last, $next), $own === null ? 0 : $own + ($next->pace ?? 0)),
        };
        [$day, $code, $args] = $this->held(max($wanted, $before + 1), $next, $own, $done);
        $had = $this->free?->nearest($day, $this->held($before + 1, $next, $own, $done)[0], $chosen !== null) ?? $day;
        [$day, $code, $args] = $had === $day ? [$day, $code, $args] : [$had, 'own-days', []];

        return new Act($day, ActKind::Round, $next->recipe, $code ?? ($chosen !== null ? 'own-day' : ($pace !== null ? 'own-pace' : ($same ? 'again' : 'in-turn'))), [
            ...$args, 'day' => $day, 'days' => $day - $before, 'wanted' => $wanted - $before, 'before' => $last->recipe,
        ]);
    }

    private function wantedAfter(int $day): ?int
    {
        foreach ($this->wanted as $wanted) {
            if ($wanted > $day) {
                return $wanted;
            }
        }

        return null;
    }

    /**
     * The day that the limits of the spray allow, and which of them moved it.
     *
     * @param list<array{int, InTurn}> $done
     *
     * @return array{int, string|null, array<string, int|float>}
     */
    private function held(int $day, InTurn $next, ?int $own, array $done): array
    {
        $code = null;
        $args = [];
        $again = $next->oilAgain();
        if ($own !== null && $again !== null && $own + $again > $day) {
            [$day, $code, $args] = [$own + $again, 'oil-again', ['percent' => $next->refined, 'limit' => $again]];
        }
        foreach ($this->loads as $load) {
            $first = $load->firstDay($day, $next, $done);
            if ($first > $day) {
                [$day, $code, $args] = [$first, "{$load->what}-load", ['limit' => $load->limit]];
            }
        }

        return [$day, $code, $args];
    }

    /** @param list<array{int, InTurn}> $done */
    private static function many(InTurn $one, array $done): int
    {
        return count(array_filter($done, static fn(array $round): bool => $round[1]->recipe === $one->recipe));
    }

    /** @param list<array{int, InTurn}> $done */
    private static function lastOf(InTurn $one, array $done): ?int
    {
        $last = null;
        foreach ($done as [$day, $spray]) {
            $last = $spray->recipe === $one->recipe ? $day : $last;
        }

        return $last;
    }
}
