<?php

declare(strict_types=1);

namespace App\Records;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Schedule\Task;
use Illuminate\Support\Facades\DB;

/**
 * When each course asks next: kept until something that it hangs on is written, or the next hour of weather has come. So Today lays only
 * those courses that it tells of.
 */
final readonly class CourseDues
{
    private const STAMP = 'Y-m-d H:i:s';

    private const OPEN = 'from courses c left join course_dues d on d.course_id = c.id and d.hour = ? where c.ended_at is null and c.trial_id is null and c.taken_back_at is null';

    public function __construct(private CoursesAhead $ahead, private Fresh $fresh) {}

    /** @return array<int, DateTimeImmutable> of every open course that asks for something, by its id */
    public function at(DateTimeImmutable $now): array
    {
        $hour = gmdate(self::STAMP, WeatherBook::hour($now));
        [$dues, $missing] = self::known($hour);
        if ($missing === []) {
            return $dues;
        }
        // Which of them are missing is asked again where nobody else writes.
        $this->fresh->kept(fn() => self::keep($this->reckoned(self::known($hour)[1], $now), $hour));
        [$dues, $missing] = self::known($hour);

        return array_filter($dues + $this->reckoned($missing, $now), static fn(?DateTimeImmutable $due): bool => $due !== null);
    }

    /** @return array{array<int, DateTimeImmutable>, list<int>} what is kept of that hour, and the courses of which nothing is */
    private static function known(string $hour): array
    {
        $dues = $missing = [];
        foreach (DB::select('select c.id, d.course_id, d.due_at ' . self::OPEN, [$hour]) as $row) {
            if (! $row instanceof \stdClass || ! is_int($row->id)) {
                continue;
            }
            if ($row->course_id === null) {
                $missing[] = $row->id;
            } elseif (is_string($row->due_at)) {
                $dues[$row->id] = CarbonImmutable::parse($row->due_at, 'UTC');
            }
        }

        return [$dues, $missing];
    }

    /**
     * @param list<int> $courses
     *
     * @return array<int, DateTimeImmutable|null> null where it asks for nothing
     */
    private function reckoned(array $courses, DateTimeImmutable $now): array
    {
        $dues = array_fill_keys($courses, null);
        foreach ($courses === [] ? [] : $this->ahead->open($now, $courses) as $id => $laid) {
            $at = array_map(static fn(Task $task): DateTimeImmutable => $task->dueAt, $this->ahead->tasks($id, $laid));
            $dues[$id] = $at === [] ? null : min($at);
        }

        return $dues;
    }

    /** @param array<int, DateTimeImmutable|null> $dues */
    private static function keep(array $dues, string $hour): void
    {
        $rows = [];
        foreach ($dues as $id => $due) {
            $rows[] = ['course_id' => $id, 'hour' => $hour, 'due_at' => $due?->setTimezone(new DateTimeZone('UTC'))->format(self::STAMP)];
        }
        foreach (array_chunk($rows, 200) as $some) {
            DB::table('course_dues')->upsert($some, ['course_id'], ['hour', 'due_at']);
        }
    }
}
