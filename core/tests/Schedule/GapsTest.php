<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Schedule\Gaps;

/**
 * @param list<int> $sprays days
 *
 * @return list<array{int, int}> first and last open day of each gap
 */
function gapsOf(string $trouble, float $celsius, array $sprays): array
{
    $biology = BiologyCatalogue::shipped()->of($trouble);
    assert($biology !== null);

    return array_map(static fn($gap): array => [$gap->from, $gap->to], Gaps::between($sprays, $biology->at($celsius)));
}

// Common practice, no source: eggs of day 0 hatch to day 45 in the cold; rounds on days 0, 7, 17, 24, 34, 41 and 51 cover them,
// three do not.
it('shows what three rounds leave open, and that seven leave nothing', function (): void {
    expect(gapsOf('mealybugs', 12.0, [0, 7, 14]))->toBe([[15, 45]])
        ->and(gapsOf('mealybugs', 12.0, [0, 7, 17, 24, 34, 41, 51]))->toBe([])
        ->and(gapsOf('mealybugs', 12.0, []))->toBe([]);
});

it('shows a gap where the pest grows up between two rounds', function (): void {
    // At 30 °C a mite is grown 7 days after it was laid (published, from memory): a fortnight lets it breed, three days do not.
    expect(gapsOf('spider-mites', 30.0, [0, 14]))->not->toBe([])
        ->and(gapsOf('spider-mites', 30.0, [0, 3, 6]))->toBe([])
        // Aphids bear young every day: what is born after the round of day 0 breeds before that of day 14.
        ->and(gapsOf('aphids', 20.0, [0, 14]))->not->toBe([])
        ->and(gapsOf('aphids', 20.0, [0, 7, 14]))->toBe([]);
});

/*
 * Ten thousand eggs: laid by day 0, each hatches on a day of its own until the last hatch, and dies of the first round after that,
 * unless it is grown by then. The days on which one hatched that got through are those of the gap.
 */
it('shows just the days that let eggs through', function (string $trouble, float $celsius, array $sprays): void {
    $biology = BiologyCatalogue::shipped()->of($trouble);
    assert($biology !== null);
    $at = $biology->at($celsius);
    $days = array_values(array_map(static fn(mixed $day): int => is_int($day) ? $day : 0, $sprays));
    $random = new Random\Randomizer(new Random\Engine\Mt19937(14));
    $through = [];
    for ($egg = 0; $egg < 10_000; ++$egg) {
        $day = $random->getInt(1, max(1, (int) floor($at->lastHatch)));
        $after = array_filter($days, static fn(int $spray): bool => $spray >= $day);
        if ($after === [] || min($after) - $day > $at->nymph()) {
            $through[$day] = true;
        }
    }
    ksort($through);
    $open = [];
    foreach (gapsOf($trouble, $celsius, $days) as [$from, $to]) {
        array_push($open, ...range($from, $to));
    }
    expect($open)->toBe(array_keys($through));
})->with([
    ['mealybugs', 12.0, [0, 7, 14]],
    ['mealybugs', 12.0, [0, 7, 17, 24, 34, 41, 51]],
    ['mealybugs', 25.0, [0, 7]],
    ['mealybugs', 30.0, [0, 30]],
    ['spider-mites', 30.0, [0, 14]],
    ['spider-mites', 20.0, [0, 7, 14]],
    ['spider-mites', 15.0, [0, 21, 42]],
    ['spider-mites', 25.0, [0]],
    ['whitefly', 22.0, [0, 5]],
    ['whitefly', 28.0, [0, 20]],
    ['scale', 20.0, [0, 7, 14]],
    ['thrips', 25.0, [0, 12]],
    ['flat-mites', 20.0, [0, 10]],
    ['leaf-beetles', 20.0, [0, 3, 6]],
]);
