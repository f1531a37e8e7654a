<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/*
 * Common practice, no source: in any 7 days a leaf bears at most 4 % of oil and 1.2 % of essential oil, rounds that are rinsed off
 * counting a quarter; what a single round holds is judged by itself. Refined oil at 1 % is repeated after 7 days at the earliest.
 */
it('breaks no limit of a spray, whatever is asked', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(2026));
    $catalogue = RecipeCatalogue::shipped();
    $troubles = TroubleCatalogue::shipped()->pestSlugs();
    $plants = [null, ...ToleranceCatalogue::shipped()->known()];
    $pick = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $strengths = array_map(static fn(string $slug): Strengths => Strengths::of((new Formulator())->onBasis($catalogue->get($slug))), array_combine($catalogue->slugs(), $catalogue->slugs()));
    $uses = array_map(static fn(string $slug): RecipeUse => $catalogue->get($slug)->use, array_combine($catalogue->slugs(), $catalogue->slugs()));
    $practices = array_map($catalogue->practice(...), array_combine($catalogue->slugs(), $catalogue->slugs()));
    $sprayed = 0;
    $faults = [];
    for ($n = 0; $n < 2000; ++$n) {
        $trouble = $pick($troubles);
        // Mostly what is used against it, so that not all is refused.
        $fit = array_values(array_filter($catalogue->slugs(), static fn(string $slug): bool => in_array($trouble, $catalogue->method($slug)->against, true)));
        $slugs = $fit !== [] && $random->getInt(0, 3) > 0 ? array_slice($random->shuffleArray($fit), 0, 3) : array_values(array_map(static fn(int $i): string => $catalogue->slugs()[$i], array_unique(array_map(static fn(): int => $random->getInt(0, count($catalogue->slugs()) - 1), range(0, $random->getInt(0, 2))))));
        $pressure = ['prevention', 'light', 'moderate', 'heavy'][$random->getInt(0, 3)];
        $request = ['trouble' => $trouble, 'plant' => $pick($plants), 'methods' => $slugs, 'start' => '2027-12-20', 'zone' => 'UTC', 'pressure' => $pressure, 'temperature_C' => $random->getInt(5, 40), 'everyDays' => $pick([null, null, 1, 2, 3, 7, 10, 30])];
        $text = json_encode($request, \JSON_THROW_ON_ERROR);
        $answer = Courses::shipped()->answer(JsonText::parse($text));
        $before = '';
        $days = [];
        foreach ($answer['entries'] as $entry) {
            $faults[] = strcmp($entry['on'], $before) < 0 || str_contains($entry['because'], '{') ? "out of order, or no sentence: {$text}" : '';
            $before = $entry['on'];
            if ($entry['kind'] === 'round') {
                $days[] = [intdiv((new DateTimeImmutable("{$entry['on']}T00:00:00Z"))->getTimestamp(), 86400), (string) $entry['recipe']];
            }
        }
        $sprayed += count($days);
        foreach ($days as $i => [$day, $slug]) {
            $use = $uses[$slug];
            $practice = $practices[$slug];
            $same = array_values(array_filter(array_slice($days, 0, $i), static fn(array $one): bool => $one[1] === $slug));
            if ($same !== []) {
                $since = $day - $same[count($same) - 1][0];
                $faults[] = $since <= 0 ? "twice on one day: {$text}" : '';
                $faults[] = $strengths[$slug]->percent(Substance::RefinedOil) >= 0.5 && $use !== RecipeUse::Dormant && $since < 7 ? "oil too soon: {$text}" : '';
                // What is done once is done once, but for another year.
                $faults[] = $practice->method->every(Pressure::from($pressure))->isOnce && $request['everyDays'] === null && $since <= 300 ? "done once, and again: {$text}" : '';
            }
            foreach ([[SubstanceGroup::Oil, 4.0], [SubstanceGroup::Essential, 1.2]] as [$group, $limit]) {
                $week = array_filter(array_slice($days, 0, $i + 1), static fn(array $one): bool => $one[0] > $day - 7);
                $sum = array_sum(array_map(static function (array $one) use ($uses, $practices, $strengths, $group): float {
                    $rinsed = $practices[$one[1]]->method->isRinsedNextDay() ? 0.25 : 1.0;

                    return in_array($uses[$one[1]], [RecipeUse::Drench, RecipeUse::Dormant], true) ? 0.0 : $rinsed * $strengths[$one[1]]->in($group);
                }, $week));
                $faults[] = count($week) > 1 && $sum > $limit + 1e-9 ? "{$sum} % in a week: {$text}" : '';
            }
        }
    }
    expect(array_values(array_filter($faults, static fn(string $fault): bool => $fault !== '')))->toBe([])->and($sprayed)->toBeGreaterThan(2500);
});

it('counts days over a leap day, a year end and a change of clocks without losing one', function (string $start, array $on): void {
    $answer = Courses::shipped()->answer(JsonText::parse(json_encode(['trouble' => 'aphids', 'methods' => ['neem-leaf-quart'], 'start' => $start, 'zone' => 'Europe/Berlin', 'pressure' => 'moderate', 'temperature_C' => 20], \JSON_THROW_ON_ERROR)));
    expect(array_values(array_map(static fn(array $entry): string => $entry['on'], array_filter($answer['entries'], static fn(array $entry): bool => $entry['kind'] === 'round'))))->toBe($on);
})->with([
    'leap day' => ['2028-02-25', ['2028-02-25', '2028-03-03', '2028-03-10']],
    'no leap day' => ['2027-02-25', ['2027-02-25', '2027-03-04', '2027-03-11']],
    'year end' => ['2026-12-28', ['2026-12-28', '2027-01-04', '2027-01-11']],
    'summer time' => ['2026-03-26', ['2026-03-26', '2026-04-02', '2026-04-09']],
    'winter time' => ['2026-10-22', ['2026-10-22', '2026-10-29', '2026-11-05']],
]);

/*
 * Whatever was recorded: nothing is asked for before today, the first act is no later than any other, a round that is over is done, what is
 * proposed is not what its plant does not bear, and what burnt does not come back without a clean test. Common practice, no source.
 */
it('contradicts itself in no course, whatever was recorded', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(36));
    $catalogue = RecipeCatalogue::shipped();
    $pick = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $start = new DateTimeImmutable('2026-05-01');
    $faults = $states = [];
    for ($n = 0; $n < (getenv('MIXER_LONG') === '1' ? 20_000 : 1_000); ++$n) {
        $trouble = $pick(['aphids', 'spider-mites', 'mealybugs', 'whitefly', 'scale', 'powdery-mildew', 'early-blight', 'leaf-beetles']);
        $fit = array_values(array_filter($catalogue->slugs(), static fn(string $slug): bool => in_array($trouble, $catalogue->method($slug)->against, true)));
        $methods = array_slice($random->shuffleArray($fit), 0, $random->getInt(1, 3));
        $record = [];
        $day = 0;
        for ($i = $random->getInt(0, 12); $i > 0; --$i) {
            $day += $random->getInt(0, 8);
            $kind = $pick(['round', 'round', 'round', 'count', 'count', 'look', 'test', 'burn', 'rain']);
            $record[] = ['on' => $start->modify("+{$day} days")->format('Y-m-d'), 'kind' => $kind, 'recipe' => in_array($kind, ['round', 'test', 'burn'], true) ? $pick($methods) : null,
                'value' => in_array($kind, ['count', 'burn', 'rain'], true) ? $random->getInt(0, 60) : null, 'clean' => in_array($kind, ['look', 'test'], true) ? $pick([true, false, null]) : null];
        }
        // One in five is looked at twice a week apart, and nothing is found.
        foreach ($random->getInt(0, 4) === 0 ? [1, 9] : [] as $after) {
            $record[] = ['on' => $start->modify('+' . ($day + $after) . ' days')->format('Y-m-d'), 'kind' => 'look', 'recipe' => null, 'value' => null, 'clean' => true];
        }
        $now = $day + $random->getInt(0, 30);
        $today = $start->modify("+{$now} days")->format('Y-m-d');
        $request = ['trouble' => $trouble, 'methods' => $methods, 'plant' => ['kind' => $pick(['rose', 'basil', 'echeveria', 'red maple', 'apple']), 'flags' => $random->getInt(0, 5) === 0 ? ['dry-root'] : []], 'start' => '2026-05-01', 'today' => $today, 'pressure' => $pick(['prevention', 'light', 'moderate', 'heavy']), 'temperature_C' => $pick([null, 6, 14, 20, 28]), 'bloomUntil' => $pick([null, null, '2026-06-01']), 'record' => $record];
        $text = json_encode($request, \JSON_THROW_ON_ERROR);
        $course = Courses::shipped()->answer(JsonText::parse($text));
        $states[$course['state']] = true;
        foreach ($course['next'] as $act) {
            $faults[] = $act['on'] < $today ? "asked for before today, {$act['code']}: {$text}" : '';
            $faults[] = in_array($act['recipe'], $methods, true) || $act['recipe'] === null ? '' : "another spray: {$text}";
        }
        foreach ($course['entries'] as $act) {
            $faults[] = ! $act['done'] && $act['kind'] === 'round' && $act['on'] < $today ? "a round before today: {$text}" : '';
            $faults[] = preg_match('/\A[^{}]+\z/', $act['because']) === 1 ? '' : "no sentence, {$act['code']}: {$text}";
        }
        $rounds = array_values(array_filter($course['entries'], static fn(array $act): bool => $act['kind'] === 'round' && ! $act['done']));
        $asked = array_values(array_filter($course['next'], static fn(array $act): bool => $act['kind'] === 'round'));
        // The next round of the line is the round that is asked for.
        $faults[] = ($asked[0]['on'] ?? null) === ($rounds[0]['on'] ?? null) && ($asked[0]['recipe'] ?? null) === ($rounds[0]['recipe'] ?? null) ? '' : "two next rounds: {$text}";
        $faults[] = in_array($course['state'], ['end', 'refuse'], true) && $rounds !== [] ? "over, and goes on: {$text}" : '';
        $faults[] = $course['next'] === [] ? "nothing to do: {$text}" : '';
        $faults[] = preg_match('/\A[^{}]+\z/', $course['because']) === 1 ? '' : "no reason, {$course['code']}: {$text}";
    }
    expect(array_slice(array_values(array_filter($faults, static fn(string $fault): bool => $fault !== '')), 0, 3))->toBe([])->and(array_keys($states))->toEqualCanonicalizing(['go-on', 'wait', 'change', 'end', 'refuse']);
});
