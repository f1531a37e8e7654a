<?php

declare(strict_types=1);

use Eris\Generators;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\Reduction;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;
use IdleMixer\Core\Tests\Support\Alone;
use IdleMixer\Core\Tests\Support\Property;

/**
 * @param list<array{int, int, bool}> $counts hour, value, whether on the plant left alone
 * @param list<int>                   $rounds hours
 *
 * @return list<array{float|null, float|null, string, string|null, float|null}>
 */
function trialsTold(array $rounds, array $counts, int $times = 1): array
{
    $at = static fn(int $hours): DateTimeImmutable => new DateTimeImmutable('@' . (1_800_000_000 + 3600 * $hours));
    $history = new CaseHistory(
        array_map(static fn(int $hours): Sprayed => new Sprayed($at($hours), 48.0, 'soap'), $rounds),
        array_map(static fn(array $one): Counted => new Counted($at($one[0]), (float) ($times * $one[1]), $one[2]), $counts),
    );

    return array_map(static fn(Trial $trial): array => [$trial->before(), $trial->after(), $trial->outcome()->value, $trial->formula()?->value, $trial->reduction()], $history->trials());
}

/**
 * @param array<mixed> $sown
 *
 * @return list<array{int, int, bool}>
 */
function countsSown(array $sown): array
{
    $counts = [];
    foreach (array_slice(array_values($sown), 0, 14) as $i => $one) {
        assert(is_array($one) && is_int($one[0]) && is_int($one[1]) && is_bool($one[2]));
        // No two in one hour: which of them was the later nobody could say.
        $counts[] = [40 * $i + $one[0], $one[1], $one[2]];
    }

    return $counts;
}

$sown = Generators::seq(Generators::tuple(Generators::choose(0, 39), Generators::choose(0, 300), Generators::elements([false, false, true])));

it('judges the same whatever the order in which rounds and counts were written down', function () use ($sown): void {
    Property::holds([$sown, Generators::choose(20, 300), Generators::choose(1, 300), Generators::choose(0, 999)], static function (array $made, int $first, int $apart, int $seed): void {
        [$counts, $rounds] = [countsSown($made), [$first, $first + $apart]];
        $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
        expect(trialsTold($random->shuffleArray($rounds), $random->shuffleArray($counts)))->toEqual(trialsTold($rounds, $counts));
    });
});

it('takes nothing that was counted on the plant left alone for the sprayed one', function () use ($sown): void {
    Property::holds([$sown, Generators::choose(20, 300)], static function (array $made, int $round): void {
        $counts = countsSown($made);
        $sprayed = array_values(array_filter($counts, static fn(array $one): bool => ! $one[2]));
        [$with, $without] = [trialsTold([$round], $counts)[0], trialsTold([$round], $sprayed)[0]];
        expect([$with[0], $with[1]])->toBe([$without[0], $without[1]]);
    });
});

it('finds the same effect where everything was counted on twice as many leaves', function () use ($sown): void {
    Property::holds([$sown, Generators::choose(20, 300), Generators::choose(2, 9)], static function (array $made, int $round, int $times): void {
        foreach (trialsTold([$round], countsSown($made)) as $i => [$before, , $outcome, $formula, $reduction]) {
            $more = trialsTold([$round], countsSown($made), $times)[$i];
            expect($more[0])->toBe($before === null ? null : $times * $before);
            if ($reduction !== null && $more[3] === $formula && $more[4] !== null) {
                expect($more[4])->toEqualWithDelta($reduction, 1e-9);
            }
            if (! in_array($outcome, ['too-few', 'untreated-too-few', 'no-count-before'], true) && $more[3] === $formula) {
                expect($more[2])->toBe($outcome);
            }
        }
    });
});

it('never finds more gone than there was, and agrees with Abbott where both plants began alike', function (): void {
    Property::holds([Generators::choose(1, 5000), Generators::choose(0, 5000), Generators::choose(1, 5000), Generators::choose(1, 5000)], static function (int $began, int $left, int $alone, int $other): void {
        // Abbott (1925) is Henderson and Tilton (1955) with the same count on both before.
        expect(Reduction::hendersonTilton($began, $left, $began, $alone))->toEqualWithDelta(Reduction::abbott($alone, $left), 1e-6)
            ->and(Reduction::hendersonTilton($began, $left, $other, $alone))->toBeLessThanOrEqual(100.0)
            // Where the plant left alone stayed as it was, there is nothing to correct.
            ->and(Reduction::hendersonTilton($began, $left, $other, $other))->toEqualWithDelta(Reduction::plain($began, $left), 1e-6);
    });
});

it('keeps a share of successes between 0 and 1, around what was seen, narrower the more was seen', function (): void {
    Property::holds([Generators::choose(0, 400), Generators::choose(1, 400)], static function (int $successes, int $trials): void {
        $worked = min($successes, $trials);
        [$few, $many] = [Interval::clustered(Alone::rounds($worked, $trials)), Interval::clustered(Alone::rounds(10 * $worked, 10 * $trials))];
        expect($few->low)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual($worked / $trials + 1e-12)
            ->and($few->high)->toBeLessThanOrEqual(1.0)->toBeGreaterThanOrEqual($worked / $trials - 1e-12)
            ->and($many->high - $many->low)->toBeLessThan($few->high - $few->low)
            // What failed mirrors what worked.
            ->and(Interval::clustered(Alone::rounds($trials - $worked, $trials))->low)->toEqualWithDelta(1.0 - $few->high, 1e-12);
    });
});
