<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Schedule\Biology;
use IdleMixer\Core\Schedule\Development;
use IdleMixer\Core\Schedule\InTurn;

/** How a course stands today: over, put off, to be changed, or going on, and with which round. */
final readonly class Standing
{
    /**
     * @param array<string, int|float|string> $args
     * @param list<Act>                       $more     looks, tests and hand work that this asks for
     * @param array<string, InTurn>           $rotation what takes turns from here on
     * @param list<array{int, InTurn}>        $had
     * @param array{int, InTurn, string}|null $settled  day and spray of the next round and why, where they are settled
     */
    private function __construct(
        private CourseAsk $ask,
        private array $rotation,
        private array $had,
        private ?int $fewest,
        public CourseState $state = CourseState::GoOn,
        public string $because = 'on-its-day',
        public array $args = [],
        public array $more = [],
        private ?array $settled = null,
        private bool $isOver = false,
    ) {}

    /**
     * @param array<string, InTurn> $rotation by slug, in turn
     * @param list<HadMethod>       $judged   rounds that were had, earliest first
     */
    public static function of(CourseAsk $ask, array $rotation, ?Biology $biology, array $judged, RoundsAhead $ahead, PutOff $moves): self
    {
        $had = [];
        foreach ($ask->rounds() as $round) {
            if (isset($rotation[(string) $round->recipe])) {
                $had[] = [$round->day, $rotation[(string) $round->recipe]];
            }
        }
        $it = new self($ask, $rotation, $had, $biology?->rounds);
        $settled = $ask->settled;
        if ($settled !== null && isset($rotation[$settled->recipe])) {
            $turns = array_intersect_key($rotation, array_flip($settled->turns));

            return $it->next($turns === [] ? $rotation : $turns, CourseState::GoOn, 'on-its-day', [], [], [$settled->day, $rotation[$settled->recipe], $settled->because]);
        }
        if ($biology !== null && $ask->celsius !== null && $biology->standsStillAt($ask->celsius) && $ask->pressure !== Pressure::Prevention) {
            return $it->over(CourseState::Wait, 'too-cold', ['celsius' => $ask->celsius], self::weekly($ask));
        }
        $end = Ends::of($ask, $had, $biology);
        if ($end !== null) {
            return $it->over(CourseState::End, $end->because, ['day' => $end->day], [$end]);
        }
        $left = $moves->withoutBurnt($rotation);
        $tack = Tack::of($ask, $judged, $had, $left);
        if ($tack !== null && $tack->to === null) {
            return $it->over(CourseState::Change, $tack->because, $tack->args, [new Act($ask->today, ActKind::Look, null, 'look-instead', ['day' => $ask->today])]);
        }
        if ($left === []) {
            return $it->over(CourseState::Wait, 'burnt', $moves->burnArgs(), $moves->afterBurn());
        }
        if ($ask->pressure === Pressure::Prevention && $tack === null) {
            return $it->prevention($left, $moves);
        }

        return $it->goingOn($tack === null ? $left : [$tack->to => $left[$tack->to]], $tack, $moves, $ahead, $biology);
    }

    /**
     * @param array<string, int|float|string> $args
     * @param list<Act>                       $more
     */
    private function over(CourseState $state, string $because, array $args, array $more): self
    {
        return new self($this->ask, $this->rotation, $this->had, $this->fewest, $state, $because, $args, $more, null, true);
    }

    /**
     * @param array<string, InTurn>           $turns
     * @param array<string, int|float|string> $args
     * @param list<Act>                       $more
     * @param array{int, InTurn, string}|null $settled
     */
    private function next(array $turns, CourseState $state, string $because, array $args, array $more, ?array $settled): self
    {
        return new self($this->ask, $turns, $this->had, $this->fewest, $state, $because, $args, $more, $settled);
    }

    /** @param non-empty-array<string, InTurn> $turns */
    private function prevention(array $turns, PutOff $moves): self
    {
        $because = $this->had === [] ? 'prevention-begins' : 'prevention-goes-on';
        $spray = array_values($turns)[0];
        $due = array_values(array_filter(Ladder::rounds($this->ask, $spray, $this->had, $moves->again($spray)), static fn(Act $act): bool => ! $act->done))[0] ?? null;
        $moved = $due === null ? null : $moves->of($due->day, $spray);

        $isSooner = $due !== null && $moved !== null && $moved->day < $due->day;

        return $moved === null || (! $moved->isLater && ! $isSooner)
            ? $this->next($turns, CourseState::GoOn, $because, [], [], null)
            : $this->next($turns, $moved->isLater ? CourseState::Wait : CourseState::GoOn, $moved->because, $moved->args, $moved->more, [$moved->day, $spray, $moved->because]);
    }

    /** @param non-empty-array<string, InTurn> $turns */
    private function goingOn(array $turns, ?Tack $tack, PutOff $moves, RoundsAhead $ahead, ?Biology $biology): self
    {
        $due = self::due($this->ask, $turns, $this->had, $ahead, $biology);
        if ($due === null) {
            return $this->next($turns, CourseState::GoOn, 'looks-left', [], [], null);
        }
        [$day, $spray] = $due;
        $moved = $moves->of($day, $spray);
        $state = $tack !== null ? CourseState::Change : ($moved->isLater ? CourseState::Wait : CourseState::GoOn);
        $args = [...($tack === null ? $moved->args : $tack->args), 'day' => $moved->day, 'recipe' => $spray->recipe];
        $why = $moved->isMoved ? $moved->because : ($tack === null ? '' : 'due-changes-tack');

        return $this->next($turns, $state, $tack->because ?? $moved->because, $args, $moved->more, [$moved->day, $spray, $why]);
    }

    /**
     * The day and spray of the next round; null where as many were had as are needed.
     *
     * @param non-empty-array<string, InTurn> $turns
     * @param list<array{int, InTurn}>        $had
     *
     * @return array{int, InTurn}|null
     */
    private static function due(CourseAsk $ask, array $turns, array $had, RoundsAhead $ahead, ?Biology $biology): ?array
    {
        if ($had === []) {
            return [max(0, $ask->today), array_values($turns)[0]];
        }
        $development = $biology?->at($ask->celsius ?? ScheduleLines::USUAL_CELSIUS['value']);
        $own = array_values(array_filter($had, static fn(array $one): bool => isset($turns[$one[1]->recipe])));
        if ($own === []) {
            $next = array_values($turns)[0];

            return [$had[count($had) - 1][0] + $ahead->days($had, $next), $next];
        }
        foreach ($ahead->infested(array_values($turns), $development, $ask->everyDays, $own, $biology?->rounds) as $act) {
            if (! $act->done) {
                return [$act->day, $turns[(string) $act->recipe]];
            }
        }
        // All that were needed were had: one more where something is still there, and another in a row is borne.
        [$last, $spray] = $own[count($own) - 1];
        $found = array_filter($ask->recorded(RecordKind::Count, RecordKind::Look), static fn(Recorded $one): bool => $one->day > $last && $one->isFound());

        return $found === [] || $spray->pace === null ? null : [$last + $ahead->days($own, $spray), $spray];
    }

    public function isOver(): bool
    {
        return $this->isOver;
    }

    /** @return list<Act> rounds from the start, those that were had among them */
    public function rounds(RoundsAhead $ahead, ?Development $development, LeafPace $pace): array
    {
        $turns = array_values($this->rotation);
        if ($this->isOver || $turns === []) {
            return array_map(static fn(array $one): Act => new Act($one[0], ActKind::Round, $one[1]->recipe, 'had', ['day' => $one[0]], done: true), $this->had);
        }
        if ($this->ask->pressure === Pressure::Prevention) {
            return Ladder::rounds($this->ask, $turns[0], $this->had, $pace->days($turns[0]), $this->settled === null ? null : [$this->settled[0], $this->settled[2]]);
        }
        if ($this->settled === null) {
            return $ahead->infested($turns, $development, $this->ask->everyDays, $this->had, $this->fewest);
        }
        [$day, $spray, $why] = $this->settled;
        if ($this->had === []) {
            $laid = $ahead->infested($turns, $development, $this->ask->everyDays, [], $this->fewest);

            return array_map(static fn(Act $act): Act => $act->day === 0 ? $act->movedTo($day, $why === '' ? $act->because : $why) : $act->movedTo($act->day + $day, $act->because), $laid);
        }
        $laid = $ahead->infested($turns, $development, $this->ask->everyDays, $this->had, $this->fewest);
        $planned = array_values(array_filter($laid, static fn(Act $act): bool => ! $act->done))[0] ?? null;

        return $planned !== null && $planned->day === $day && $why === '' ? $laid : $ahead->goneOn($turns, $development, $this->had, [$day, $spray], $why === '' ? 'due-goes-on' : $why, $this->fewest, $this->ask->everyDays);
    }

    /** @return list<Act> */
    private static function weekly(CourseAsk $ask): array
    {
        return array_map(static fn(int $week): Act => new Act($ask->today + $week * ScheduleLines::WEEK['value'], ActKind::Look, null, 'weekly-look', ['day' => $ask->today + $week * ScheduleLines::WEEK['value']]), range(1, ScheduleLines::WEEKLY_LOOKS['value']));
    }
}
