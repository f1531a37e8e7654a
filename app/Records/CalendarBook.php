<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use App\Models\TaskMove;
use DateTimeImmutable;
use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Wording\CourseWords;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\MoveWords;
use IdleMixer\Core\Words\Say;

/** Everything that is due or planned, as entries of a calendar with identities that stay. */
final readonly class CalendarBook
{
    /** A calendar with more entries is of no use to anybody. */
    private const MOST = 500;

    public function __construct(private TaskList $tasks, private CasePlans $plans, private CoursesAhead $courses, private Findings $findings, private MoveWords $moves, private CourseWords $rounds) {}

    /** @return list<CalendarEntry> earliest first */
    public function all(DateTimeImmutable $now): array
    {
        $sequences = self::sequences();
        $entries = [];
        $had = self::rounds();
        $courses = $this->courses->open($now);
        foreach ($this->tasks->ahead($now, self::MOST) as $task) {
            $entries[] = $this->task($task, $task->kind === TaskKind::CourseRound ? count($courses[$task->ref]->had ?? []) : $had[$task->ref] ?? 0, $sequences["{$task->kind->value} {$task->ref}"] ?? 0);
        }
        foreach ([...$this->plans->open($now), ...$courses] as $plan) {
            array_push($entries, ...$this->planned($plan, $now));
        }
        usort($entries, static fn(CalendarEntry $a, CalendarEntry $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return $entries;
    }

    private function task(Task $task, int $had, int $sequence): CalendarEntry
    {
        $words = $this->findings->task($task);
        $id = match ($task->kind) {
            TaskKind::FirstRound, TaskKind::NextRound => "case-{$task->ref}-spray-" . ($had + 1),
            TaskKind::CourseRound => "course-{$task->ref}-spray-" . ($had + 1),
            TaskKind::CountAfter => "case-{$task->ref}-count-{$had}",
            TaskKind::LookOver => "case-{$task->case}-look-over-{$task->ref}",
            default => "{$task->kind->value}-{$task->ref}",
        };

        return new CalendarEntry($id, $task->dueAt, false, $words['text'], implode("\n", array_map($this->moves->move(...), $task->moves)), $sequence + count(array_filter($task->moves, static fn(MovedDate $one): bool => $one->said === '')), ScheduleLines::RINGS_BEFORE['value']);
    }

    /** @return list<CalendarEntry> what comes after the next round */
    private function planned(LaidCourse $plan, DateTimeImmutable $now): array
    {
        $entries = [];
        $sprays = count(array_filter($plan->course->entries, static fn(Act $entry): bool => $entry->done && $entry->kind === ActKind::Round));
        $looks = 0;
        $next = $sprays;
        foreach ($plan->course->entries as $entry) {
            // Hand work is told at the run, and dates are asked for on the screen.
            if ($entry->done || ! in_array($entry->kind, [ActKind::Round, ActKind::Rinse, ActKind::Look], true) || $plan->on($entry->day) <= $now) {
                continue;
            }
            if ($entry->kind === ActKind::Round) {
                ++$next;
            }
            // The next round and the look before it are tasks of their own.
            if ($next <= $sprays + 1 && $entry->kind !== ActKind::Rinse && $this->hasNextRound($plan->course, $sprays)) {
                continue;
            }
            // So is the next look over what stands apart.
            if ($plan->course->names === [] && in_array($entry, $plan->course->next, true)) {
                continue;
            }
            $ordinal = match ($entry->kind) {
                ActKind::Round => "spray-{$next}",
                ActKind::Rinse => "rinse-{$next}",
                default => 'look-' . $sprays . '-' . ++$looks,
            };
            $name = $plan->course->names[(string) $entry->recipe] ?? '';
            $what = match ($entry->kind) {
                ActKind::Round => Say::it('records/calendar-book.spray', ['name' => $name]),
                ActKind::Rinse => Say::it('records/calendar-book.rinse'),
                default => 'Look',
            };
            $entries[] = new CalendarEntry("{$plan->key}-{$ordinal}", $plan->on($entry->day), true, "{$what}: {$plan->about}", $this->rounds->act($entry, $plan->course), 0, null);
        }

        return $entries;
    }

    private function hasNextRound(Course $course, int $had): bool
    {
        return count(array_filter($course->entries, static fn(Act $entry): bool => $entry->kind === ActKind::Round)) > $had;
    }

    /** @return array<string, int> how often each task was moved by hand, by kind and what it is about */
    private static function sequences(): array
    {
        $all = [];
        foreach (TaskMove::query()->withoutGlobalScopes()->get(['kind', 'ref', 'version']) as $move) {
            $all["{$move->kind} {$move->ref}"] = ($all["{$move->kind} {$move->ref}"] ?? 0) + $move->version;
        }

        return $all;
    }

    /** @return array<int, int> rounds that each open case had */
    private static function rounds(): array
    {
        $all = [];
        foreach (PestCase::query()->whereNull('closed_at')->withCount('rounds')->get() as $case) {
            $count = $case->getAttribute('rounds_count');
            $all[$case->id] = is_int($count) ? $count : 0;
        }

        return $all;
    }
}
