<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Course;
use App\Models\Plant;
use App\Models\Trial;
use IdleMixer\Core\Evidence\Lots;
use IdleMixer\Core\Evidence\Side;

/** Keeps trials: each side is a course of its plants, drawn by lot, on which its rounds are recorded. Call it inside a transaction. */
final readonly class TrialBook
{
    /**
     * @param array<string, mixed>            $columns
     * @param non-empty-list<Plant>           $plants  that are marked, or that bear the marked leaves
     * @param array{string|null, string|null} $recipes slugs of what each side is sprayed with; null where that was bought, or where it is nothing
     *
     * @return array{Trial, bool} the trial, and whether it was begun now
     */
    public function begin(Submitted $submitted, array $columns, array $plants, array $recipes, bool $alone): array
    {
        return Submissions::of(Trial::query(), $submitted, $columns, static function (Trial $trial) use ($submitted, $plants, $recipes, $alone): void {
            $lots = Lots::draw($trial->seed, $trial->units);
            // Labels follow names, so that neighbours of a row are drawn as a pair.
            usort($plants, static fn(Plant $a, Plant $b): int => strnatcasecmp($a->name, $b->name));
            foreach ([Side::One, $alone ? Side::Alone : Side::Other] as $i => $side) {
                $course = Course::query()->create([
                    ...$submitted->part($i + 1)->columns(),
                    'name' => $trial->name,
                    'pest' => $trial->pest,
                    'methods' => json_encode($recipes[$i] === null ? [] : [$recipes[$i]], \JSON_THROW_ON_ERROR),
                    'begun_at' => $trial->begun_at,
                    'trial_id' => $trial->id,
                    'side' => $side->value,
                ]);
                foreach ($plants as $at => $plant) {
                    $lot = $trial->isOfPlants() ? $at + 1 : null;
                    if ($lot === null || $lots[$at] === ($side === Side::One)) {
                        CourseBook::joins($course, $plant, $trial->begun_at, $lot);
                    }
                }
            }
        });
    }
}
