<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Course;
use App\Models\PestCase;
use DateTimeImmutable;

/** With what each plant is sprayed next: what stands mixed for it, else what core says comes next of its case or its course. */
final readonly class OwnSprays
{
    /** As screens ask for it. */
    public const KEY = 'own';

    public function __construct(private ChosenSprays $sprays, private NextSprays $next) {}

    /** @return array<int, ChosenSpray> by plant; none that is not sprayed again */
    public function all(DateTimeImmutable $now): array
    {
        $all = [];
        foreach (Course::query()->whereNull('ended_at')->with('cases')->get() as $course) {
            $ready = ReadyBatches::ofCourses([$course->id], $now)[$course->id] ?? null;
            $spray = $this->chosen($ready, CoursesAhead::slugs($course)[0] ?? null, $now);
            foreach ($course->cases as $case) {
                $all += $spray === null || $case->closed_at !== null ? [] : [$case->plant_id => $spray];
            }
        }
        $cases = PestCase::query()->whereNull('closed_at')->orderBy('id')->get();
        $ready = ReadyBatches::of(array_values($cases->map(static fn(PestCase $case): int => $case->id)->all()), $now);
        foreach ($cases as $case) {
            $spray = $this->ofCase($case->id, $ready[$case->id] ?? null, $now);
            // Something that is there comes before what is feared.
            $all = $spray === null ? $all : [$case->plant_id => $spray] + $all;
        }

        return $all;
    }

    /**
     * The same of one case that was sprayed before.
     *
     * @param int|null $ready what stands mixed for it
     */
    public function ofCase(int $case, ?int $ready, DateTimeImmutable $now): ?ChosenSpray
    {
        return $this->chosen($ready, $ready === null ? $this->next->of(PestCase::query()->findOrFail($case), $now)->slug : null, $now);
    }

    private function chosen(?int $batch, ?string $slug, DateTimeImmutable $now): ?ChosenSpray
    {
        if ($batch !== null) {
            return $this->sprays->ofBatch(Batch::query()->findOrFail($batch), $now);
        }

        return $slug === null ? null : $this->sprays->of($slug, $now);
    }
}
