<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use DateTimeImmutable;
use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\SeasonUse;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Wording\CourseWords;

/**
 * A course as open documents: a trouble or none, a plant, methods in turn, pressure and everything recorded, to how it stands, what comes
 * next, the whole line of it, gaps and what of a season is used.
 *
 * @phpstan-type ActRow array{kind: string, on: string, from: string, to: string, recipe: string|null, code: string, because: string}
 */
final readonly class Courses
{
    public function __construct(private CourseReader $reader, private CoursePlanner $planner, private CourseWords $words) {}

    public static function shipped(): self
    {
        return new self(CourseReader::shipped(), CoursePlanner::shipped(), CourseWords::shipped());
    }

    /**
     * @return array{state: string, code: string, because: string, next: list<ActRow>, nearest: array{everyDays: int, factor: float, because: string}|null, entries: list<array{kind: string, on: string, from: string, to: string, recipe: string|null, code: string, because: string, done: bool}>, gaps: list<array{from: string, to: string, because: string}>, limits: list<array{code: string, used: int, of: int}>}
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function answer(Node $node): array
    {
        [$ask, $start] = $this->reader->read($node);
        $course = $this->planner->plan($ask);
        $on = static fn(int $day): string => $start->modify("{$day} days")->format('Y-m-d');

        return [
            'state' => $course->state->value,
            'code' => $course->because,
            'because' => $this->words->because($course, $on),
            'next' => array_map(fn(Act $act): array => $this->act($act, $course, $on), $course->next),
            'nearest' => $course->nearest === null ? null : ['everyDays' => $course->nearest->everyDays, 'factor' => round($course->nearest->factor, 3), 'because' => $this->words->nearest($course->nearest)],
            'entries' => array_map(fn(Act $act): array => [...$this->act($act, $course, $on), 'done' => $act->done], $course->entries),
            'gaps' => array_map(fn(Gap $gap): array => ['from' => $on($gap->from), 'to' => $on($gap->to), 'because' => $this->words->gap($gap, $course)], $course->gaps),
            'limits' => array_map(static fn(SeasonUse $one): array => ['code' => $one->code, 'used' => $one->used, 'of' => $one->of], $course->limits),
        ];
    }

    /**
     * @param callable(int): string $on
     *
     * @return ActRow
     */
    private function act(Act $act, Course $course, callable $on): array
    {
        $instant = static fn(DateTimeImmutable $at): string => $at->format('Y-m-d\TH:i:s\Z');

        return [
            'kind' => $act->kind->value,
            'on' => $on($act->day),
            'from' => $act->from === null ? $on($act->day) : $instant($act->from),
            'to' => $act->to === null ? $on($act->until ?? $act->day) : $instant($act->to),
            'recipe' => $act->recipe,
            'code' => $act->because,
            'because' => $this->words->act($act, $course),
        ];
    }
}
