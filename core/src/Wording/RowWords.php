<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\RowLines;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Row\ActAhead;
use IdleMixer\Core\Row\Ending;
use IdleMixer\Core\Row\Mark;
use IdleMixer\Core\Row\MarkKind;
use IdleMixer\Core\Row\Row;
use IdleMixer\Core\Row\Trend;
use IdleMixer\Core\Weather\HourVerdict;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says a row: all of it to whoever does not see it, and in three words beside the name of its plant. */
final readonly class RowWords
{
    /**
     * @param array<int, string> $troubles names of what is on it, by the id of the case
     *
     * @throws MissingWords when a sentence is not in the catalogue
     */
    public function whole(Row $row, array $troubles, DateTimeZone $zone): string
    {
        $said = [];
        foreach ($troubles as $case => $trouble) {
            $said[] = self::counts($row->marks(MarkKind::Count, $case), $trouble);
        }
        $said[] = self::rounds($row->marks(MarkKind::Round), $zone);
        foreach ($row->marks(MarkKind::Burn) as $burn) {
            $said[] = Say::it('rows/burn', ['day' => self::day($burn->at, $zone), 'share' => Figures::short($burn->value ?? 0.0)]);
        }
        foreach ($row->marks(MarkKind::Test) as $test) {
            $said[] = Say::it('rows/test.' . ($test->clean === null ? 'open' : ($test->clean ? 'clean' : 'marked')), ['spray' => $test->name]);
        }
        $next = $row->next();
        $said[] = $next === null ? '' : self::due($row, $next, $this->act($next, $troubles[$next->ref] ?? ''), $zone);
        $said[] = self::hours($row, $zone);
        foreach ($row->ends as $end) {
            $said[] = $this->end($end, $zone);
        }
        $said[] = $row->apart ? Say::it('rows/stands-apart') : '';

        return implode(' ', array_filter($said, static fn(string $one): bool => $one !== ''));
    }

    /**
     * What is done with what, as short as it goes.
     *
     * @param string $trouble of its case; empty where it is about something else
     *
     * @throws MissingWords when the sentence is not in the catalogue
     */
    public function act(ActAhead $act, string $trouble): string
    {
        return $act->isUndecided() ? Say::it('rows/act.decide', ['trouble' => lcfirst($trouble)]) : Say::it("rows/act.{$act->kind->value}", ['trouble' => lcfirst($trouble)]);
    }

    /** @throws MissingWords when the sentence is not in the catalogue */
    public function trend(Trend $trend, string $trouble): string
    {
        return Say::it("rows/trend.{$trend->value}", ['trouble' => $trouble]);
    }

    /** Of what is kept from the others. */
    public function apart(): string
    {
        return Say::it('rows/apart');
    }

    /** Of what never had anything. */
    public function nothing(): string
    {
        return Say::it('rows/nothing');
    }

    /** Of what was on it last: clean is only what was counted and none left. */
    public function over(Trend $trend, DateTimeImmutable $closed, DateTimeZone $zone): string
    {
        $day = Written::day($closed->setTimezone($zone));

        return $trend === Trend::Gone ? Say::it('rows/clean-since', ['day' => $day]) : Say::it('rows/closed', ['day' => $day]);
    }

    /** @param list<Mark> $counts earliest first */
    private static function counts(array $counts, string $trouble): string
    {
        $values = array_map(static fn(Mark $one): string => Figures::short($one->value ?? 0.0), $counts);
        $most = RowLines::TOLD['value'];

        return match (true) {
            $values === [] => Say::it('rows/uncounted', ['trouble' => $trouble]),
            count($values) <= $most => Say::it('rows/counts', ['trouble' => $trouble, 'counts' => implode(', ', $values)]),
            default => Say::it('rows/counts-more', ['trouble' => $trouble, 'counts' => implode(', ', [$values[0], ...array_slice($values, 1 - $most)]), 'many' => count($values)]),
        };
    }

    /** @param list<Mark> $rounds earliest first */
    private static function rounds(array $rounds, DateTimeZone $zone): string
    {
        $last = $rounds[count($rounds) - 1] ?? null;

        return $last === null ? Say::it('rows/rounds.0') : Say::it(count($rounds) === 1 ? 'rows/rounds.1' : 'rows/rounds.many', ['many' => count($rounds), 'day' => self::day($last->at, $zone)]);
    }

    private static function due(Row $row, ActAhead $act, string $name, DateTimeZone $zone): string
    {
        $day = self::day($act->at, $zone);
        $isToday = $day === self::day($row->span->now, $zone);

        return match (true) {
            $row->isDue($act) && $isToday => Say::it('rows/due-today', ['act' => $name]),
            $row->isDue($act) => Say::it('rows/due', ['act' => $name, 'day' => $day]),
            default => Say::it('rows/later', ['act' => $name, 'day' => $day, 'hour' => self::hour($act->at, $zone)]),
        };
    }

    private static function hours(Row $row, DateTimeZone $zone): string
    {
        $window = $row->hours();
        if ($window === null) {
            return '';
        }
        [$from, $to] = [new DateTimeImmutable("@{$window->from}"), new DateTimeImmutable("@{$window->to}")];
        $end = self::day($from, $zone) === self::day($to, $zone) ? self::hour($to, $zone) : self::day($to, $zone) . ', ' . self::hour($to, $zone);

        return Say::it($window->verdict === HourVerdict::Good ? 'rows/hours.good' : 'rows/hours.workable', ['from' => self::day($from, $zone) . ', ' . self::hour($from, $zone), 'to' => $end]);
    }

    /** @throws MissingWords when the sentence is not in the catalogue */
    public function end(Ending $end, DateTimeZone $zone): string
    {
        return Say::it("rows/end.{$end->kind->value}", ['day' => self::day($end->at, $zone), 'hour' => self::hour($end->at, $zone)]);
    }

    private static function day(DateTimeImmutable $at, DateTimeZone $zone): string
    {
        return Written::weekday($at->setTimezone($zone));
    }

    private static function hour(DateTimeImmutable $at, DateTimeZone $zone): string
    {
        return Written::hour($at->setTimezone($zone));
    }
}
