<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\CourseReader;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Document\JsonText;

/** @param list<string> $rounds a week apart, from the first of May */
function courseAfter(array $rounds): Course
{
    $record = array_map(static fn(int $i, string $recipe): array => ['on' => (new DateTimeImmutable('2026-05-01'))->modify('+' . 7 * $i . ' days')->format('Y-m-d'), 'kind' => 'round', 'recipe' => $recipe], array_keys($rounds), $rounds);
    $asked = ['trouble' => 'spider-mites', 'plant' => 'ordinary-leaf', 'methods' => ['plain-soap', 'kitchen-oil-by-the-quart'], 'start' => '2026-05-01', 'today' => '2026-06-20', 'pressure' => 'moderate', 'temperature_C' => 20, 'record' => $record];

    return CoursePlanner::shipped()->plan(CourseReader::shipped()->read(JsonText::parse((string) json_encode($asked)))[0]);
}

// Labels, from memory (core/data/seasons.php): oil eight times a season, soap twelve; what is left of the scarcer one counts.
it('says how many rounds the season bears yet', function (): void {
    expect(courseAfter([])->left())->toBe(8)
        ->and(courseAfter(['kitchen-oil-by-the-quart', 'plain-soap', 'kitchen-oil-by-the-quart'])->left())->toBe(6)
        ->and(courseAfter(array_fill(0, 7, 'kitchen-oil-by-the-quart'))->left())->toBe(1);
});

it('says how many rounds of one recipe came one after the other', function (): void {
    $course = courseAfter(['plain-soap', 'kitchen-oil-by-the-quart', 'kitchen-oil-by-the-quart']);
    expect($course->hadInARow('kitchen-oil-by-the-quart'))->toBe(2)->and($course->hadInARow('plain-soap'))->toBe(0)->and(courseAfter([])->hadInARow('plain-soap'))->toBe(0);
});
