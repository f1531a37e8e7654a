<?php

declare(strict_types=1);

use Eris\Generators;
use IdleMixer\Core\Schedule\BiologyCatalogue;
use IdleMixer\Core\Schedule\CleanLooks;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Schedule\Quarantine;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;
use IdleMixer\Core\Tests\Support\Property;

/** @return DateTimeImmutable so many hours after a certain morning */
function hoursOn(int|float $hours): DateTimeImmutable
{
    return (new DateTimeImmutable('2027-03-01T06:00:00Z'))->modify(sprintf('%+d minutes', (int) round($hours * 60)));
}

/*
 * A day is safe when what hatched, or was born, on it meets a spray before it is grown: the definition, day by day, beside the
 * product's stretches (common practice, no source).
 */
it('leaves open just the days of which nothing is met in time', function (): void {
    Property::holds(
        [Generators::elements(['aphids', 'mealybugs', 'spider-mites', 'flat-mites', 'scale', 'whitefly', 'thrips', 'leaf-beetles']), Generators::choose(-5, 38), Generators::seq(Generators::choose(1, 25))],
        static function (string $pest, int $celsius, array $paces): void {
            $at = BiologyCatalogue::shipped()->of($pest)?->at($celsius);
            assert($at !== null);
            $sprays = [0];
            foreach (array_slice($paces, 0, 8) as $days) {
                assert(is_int($days));
                $sprays[] = $sprays[count($sprays) - 1] + $days;
            }
            $until = $at->bears ? $sprays[count($sprays) - 1] : (int) floor($at->lastHatch);
            $open = [];
            for ($day = 1; $day <= $until; ++$day) {
                $next = array_values(array_filter($sprays, static fn(int $spray): bool => $spray >= $day))[0] ?? null;
                if ($next === null || $next - $day > $at->nymph()) {
                    $open[] = $day;
                }
            }
            $told = array_merge(...array_map(static fn(Gap $gap): array => range($gap->from, $gap->to), Gaps::between($sprays, $at)));
            expect($told)->toBe($open);
        },
    );
});

// Common practice, no source: newcomers are looked at weekly, and cleared after four weeks.
it('looks at newcomers weekly at the latest, and clears none before four weeks', function (): void {
    Property::holds([Generators::choose(0, 60 * 24)], static function (int $hours): void {
        $next = Quarantine::nextLook(hoursOn(0), hoursOn($hours));
        if ($hours >= 28 * 24) {
            expect($next)->toBeNull();

            return;
        }
        expect($next)->toBeGreaterThan(hoursOn($hours))->toBeLessThanOrEqual(hoursOn(min(28 * 24, $hours + 7 * 24)));
    });
});

// Common practice, no source: two clean looks a week apart end it, and one living thing begins it anew.
it('counts clean looks as somebody would who strikes them off one by one', function (): void {
    Property::holds([Generators::seq(Generators::tuple(Generators::choose(1, 100), Generators::elements([0, 0, 0, 0, 3])))], static function (array $looks): void {
        $counts = [];
        $hour = 0;
        foreach (array_slice($looks, 0, 12) as $look) {
            assert(is_array($look) && is_int($look[0]) && is_int($look[1]));
            $hour += $look[0];
            $counts[] = [$hour, $look[1]];
        }
        $struck = [];
        foreach ($counts as [$at, $many]) {
            $struck = match (true) {
                $at < 48 => $struck,
                $many > 0 => [],
                $struck === [] || $at - $struck[count($struck) - 1] >= 7 * 24 => [...$struck, $at],
                default => $struck,
            };
        }
        expect(CleanLooks::of(array_map(static fn(array $one): array => [hoursOn($one[0]), (float) $one[1]], $counts), hoursOn(48)))->toBe(count($struck));
    });
});

it('moves no round before what the leaf bears, and none while a leaf test runs', function (): void {
    Property::holds(
        [Generators::choose(-200, 400), Generators::choose(0, 300), Generators::elements([null, 1, 20, 90]), Generators::choose(0, 2), Generators::elements([null, 5, 60, 500])],
        static function (int $planned, int $earliest, ?int $washed, int $clean, ?int $test): void {
            $due = RoundMoves::of(hoursOn(max($planned, $earliest)), new RoundFacts(hoursOn(0), hoursOn($earliest), $washed === null ? null : hoursOn($washed), $clean, $test === null ? null : hoursOn($test), null, hoursOn(168)), hoursOn(0));
            if ($clean >= 2) {
                expect($due->at)->toBeNull();

                return;
            }
            expect($due->at)->toBeGreaterThanOrEqual(hoursOn($earliest))
                ->and($test === null || $due->at >= hoursOn($test))->toBeTrue()
                // One clean look: the next round waits until ten days after the last.
                ->and($clean === 0 || $due->at >= hoursOn(240))->toBeTrue();
        },
    );
});
