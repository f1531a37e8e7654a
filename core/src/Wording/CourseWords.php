<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Course\Nearest;
use IdleMixer\Core\Course\SeasonUse;
use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Method\Chore;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says why a course stands as it does, why an act of it is on its day, and what it leaves open. */
final readonly class CourseWords
{
    private const DAYS = ['days', 'wanted'];

    /** Arguments that are days of the course. */
    private const ON = ['day', 'until', 'rained', 'due', 'bought'];

    private const HOURS_A_DAY = 24.0;

    /** @param array<string, string> $words */
    private function __construct(private array $words, private Sentences $sentences) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('courses');

        return new self($words, Sentences::shipped());
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function act(Act $act, Course $course): string
    {
        $fill = ['{recipe}' => $course->names[(string) $act->recipe] ?? ''];
        foreach ($act->args as $name => $value) {
            $fill["{{$name}}"] = match (true) {
                in_array($name, self::DAYS, true) && is_int($value) => self::days($value),
                $name === 'limit' && $act->because === 'oil-again' && is_int($value) => self::days($value),
                $name === 'before' => '“' . ($course->names[(string) $value] ?? $value) . '”',
                $name === 'chores' && is_string($value) => implode(' ', array_map(static fn(string $one): string => Chore::from($one)->words(), explode(' ', $value))),
                $name === 'step' && is_string($value) => Say::it("containment/{$value}"),
                $name === 'count' => Figures::short((float) $value),
                is_float($value) => Figures::percent($value),
                default => (string) $value,
            };
        }
        $stop = $course->barred[(string) $act->recipe] ?? null;
        $fill['{why}'] = $stop === null ? '' : lcfirst($this->sentences->verdict($stop));

        return strtr($this->words[$act->because] ?? throw MissingWords::becauseOf($act->because), $fill);
    }

    /**
     * Why the whole of it stands as it does.
     *
     * @param callable(int): string $on the date of a day
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function because(Course $course, callable $on): string
    {
        $fill = [];
        foreach ($course->args as $name => $value) {
            $fill["{{$name}}"] = match (true) {
                $name === 'recipe' => '“' . ($course->names[(string) $value] ?? $value) . '”',
                in_array($name, self::ON, true) && is_int($value) => $on($value),
                in_array($name, ['days', 'asked'], true) && is_int($value) => self::days($value),
                is_float($value) => Figures::short($value),
                default => (string) $value,
            };
        }
        $stop = array_values($course->barred)[0] ?? null;
        $fill['{why}'] = $stop === null ? '' : lcfirst($this->sentences->verdict($stop));

        return strtr(Written::marked($this->words["so/{$course->because}"] ?? throw MissingWords::becauseOf("so/{$course->because}"), $course->args), $fill);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function season(SeasonUse $one): string
    {
        return strtr($this->words['season'] ?? throw MissingWords::becauseOf('season'), [
            '{what}' => $this->words["season/{$one->code}"] ?? throw MissingWords::becauseOf("season/{$one->code}"),
            '{used}' => (string) $one->used,
            '{of}' => (string) $one->of,
        ]);
    }

    public function nearest(Nearest $nearest): string
    {
        $days = self::days($nearest->everyDays);

        return $nearest->factor < 1.0
            ? Say::it('wording/course-words.nearest-weaker', ['days' => $days, 'percent' => Figures::percent(100.0 * $nearest->factor)])
            : Say::it('wording/course-words.nearest', ['days' => $days]);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function gap(Gap $gap, Course $course): string
    {
        $at = $course->development;
        $code = $gap->next === null ? 'gap-last' : ($at !== null && $at->bears ? 'gap-born' : 'gap-between');

        return strtr(Written::marked($this->words[$code] ?? throw MissingWords::becauseOf($code), ['celsius' => $at->celsius ?? 0.0]), [
            '{last}' => (string) (int) floor($at->lastHatch ?? 0.0),
            '{after}' => (string) $gap->after,
            '{next}' => (string) $gap->next,
            '{nymph}' => $at === null ? '' : Durations::words(self::HOURS_A_DAY * max(1.0, round($at->nymph()))),
            '{fit}' => $at === null ? '' : self::days(Gaps::longestApart($at) ?? 1),
        ]);
    }

    private static function days(int $days): string
    {
        return $days === 1 ? '1 day' : Say::it('wording/course-words.days', ['days' => $days]);
    }
}
