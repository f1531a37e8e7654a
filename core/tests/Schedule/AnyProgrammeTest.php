<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Rounds;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
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
    $troubles = array_keys(TroubleCatalogue::shipped()->troubles);
    $plants = [null, ...ToleranceCatalogue::shipped()->known()];
    $pick = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $strengths = array_map(static fn(string $slug): Strengths => Strengths::of((new Formulator())->onBasis($catalogue->get($slug))), array_combine($catalogue->slugs(), $catalogue->slugs()));
    $uses = array_map(static fn(string $slug): RecipeUse => $catalogue->get($slug)->use, array_combine($catalogue->slugs(), $catalogue->slugs()));
    $practices = array_map($catalogue->practice(...), array_combine($catalogue->slugs(), $catalogue->slugs()));
    $sprayed = 0;
    $faults = [];
    for ($n = 0; $n < 2000; ++$n) {
        $slugs = array_values(array_map(static fn(int $i): string => $catalogue->slugs()[$i], array_unique(array_map(static fn(): int => $random->getInt(0, count($catalogue->slugs()) - 1), range(0, $random->getInt(0, 2))))));
        $request = ['trouble' => $pick($troubles), 'plant' => $pick($plants), 'recipes' => $slugs, 'start' => '2027-12-20', 'zone' => 'UTC', 'pressure' => $pick(['infested', 'prevention']), 'temperature_C' => $random->getInt(-5, 40), 'interval_days' => $pick([null, null, 1, 2, 3, 7, 10, 30])];
        $text = json_encode($request, \JSON_THROW_ON_ERROR);
        $answer = Rounds::shipped()->answer(JsonText::parse($text));
        $before = '';
        $days = [];
        foreach ($answer['entries'] as $entry) {
            $faults[] = strcmp($entry['on'], $before) < 0 || str_contains($entry['because'], '{') ? "out of order, or no sentence: {$text}" : '';
            $before = $entry['on'];
            if ($entry['kind'] === 'spray') {
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
                $faults[] = $practice->repeatDays === null && $since <= 300 ? "done once, and again: {$text}" : '';
            }
            foreach ([[SubstanceGroup::Oil, 4.0], [SubstanceGroup::Essential, 1.2]] as [$group, $limit]) {
                $week = array_filter(array_slice($days, 0, $i + 1), static fn(array $one): bool => $one[0] > $day - 7);
                $sum = array_sum(array_map(static function (array $one) use ($uses, $practices, $strengths, $group): float {
                    $rinsed = $practices[$one[1]]->rinsed ? 0.25 : 1.0;

                    return in_array($uses[$one[1]], [RecipeUse::Drench, RecipeUse::Dormant], true) ? 0.0 : $rinsed * $strengths[$one[1]]->in($group);
                }, $week));
                $faults[] = count($week) > 1 && $sum > $limit + 1e-9 ? "{$sum} % in a week: {$text}" : '';
            }
        }
    }
    expect(array_values(array_filter($faults, static fn(string $fault): bool => $fault !== '')))->toBe([])->and($sprayed)->toBeGreaterThan(4000);
});

it('counts days over a leap day, a year end and a change of clocks without losing one', function (string $start, array $on): void {
    $answer = Rounds::shipped()->answer(JsonText::parse(json_encode(['trouble' => 'aphids', 'recipes' => ['neem-leaf-quart'], 'start' => $start, 'zone' => 'Europe/Berlin', 'pressure' => 'infested', 'temperature_C' => 20], \JSON_THROW_ON_ERROR)));
    expect(array_values(array_map(static fn(array $entry): string => $entry['on'], array_filter($answer['entries'], static fn(array $entry): bool => $entry['kind'] === 'spray'))))->toBe($on);
})->with([
    'leap day' => ['2028-02-25', ['2028-02-25', '2028-03-03', '2028-03-10']],
    'no leap day' => ['2027-02-25', ['2027-02-25', '2027-03-04', '2027-03-11']],
    'year end' => ['2026-12-28', ['2026-12-28', '2027-01-04', '2027-01-11']],
    'summer time' => ['2026-03-26', ['2026-03-26', '2026-04-02', '2026-04-09']],
    'winter time' => ['2026-10-22', ['2026-10-22', '2026-10-29', '2026-11-05']],
]);
