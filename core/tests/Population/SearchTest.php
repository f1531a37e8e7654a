<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Population\Guess;
use IdleMixer\Core\Population\Kill;
use IdleMixer\Core\Population\LifeCatalogue;
use IdleMixer\Core\Population\Outbreak;
use IdleMixer\Core\Population\Programme;
use IdleMixer\Core\Population\Search;
use IdleMixer\Core\Population\Treatment;
use IdleMixer\Core\Population\Wanted;
use IdleMixer\Core\Population\Warmths;
use IdleMixer\Core\Recipe\RecipeCatalogue;

/**
 * All sets of days that may be sprayed on.
 *
 * @return list<list<int>>
 */
function allSets(Wanted $wanted, int $from, int $rounds): array
{
    $sets = [[]];
    for ($day = $from; $rounds > 0 && $day <= $wanted->until; ++$day) {
        foreach ($wanted->allows($day) ? allSets($wanted, $day + $wanted->gap, $rounds - 1) : [] as $rest) {
            $sets[] = [$day, ...$rest];
        }
    }

    return $sets;
}

it('finds what trying all sets of days finds', function (int $seed): void {
    $random = new Chance($seed);
    $lives = LifeCatalogue::shipped();
    for ($case = 0; $case < (getenv('MIXER_LONG') === false ? 12 : 50); ++$case) {
        $life = $lives->of($lives->troubles()[$random->whole(0, count($lives->troubles()) - 1)]) ?? throw new LogicException();
        $outbreak = new Outbreak($life, Warmths::told([0 => (15.0 + 13.0 * $random->share()), $random->whole(3, 9) => (15.0 + 13.0 * $random->share())]));
        $guess = new Guess(log((0.5 + 29.5 * $random->share())), (-0.2 + 0.4 * $random->share()), (-0.3 + 0.6 * $random->share()));
        $kill = new Kill(['egg' => $random->whole(0, 1) * (0.3 + 0.65 * $random->share()), 'young' => (0.5 + 0.49 * $random->share()), 'resting' => 0.0, 'adult' => (0.5 + 0.49 * $random->share())]);
        $from = $random->whole(0, 2);
        $until = $from + $random->whole(5, 13);
        // One in two with days on which nobody may spray, one in two in turn with another spray.
        $closed = array_values(array_filter(range($from, $until), static fn(): bool => $random->share() < 0.3));
        $other = new Kill(['egg' => 0.6 * $random->share(), 'young' => $random->share(), 'adult' => $random->share()]);
        $wanted = new Wanted($kill, $from, $from + $random->whole(0, 2), $until, $random->whole(2, 5), $random->whole(0, 3), $random->whole(0, 1) === 0 ? [] : $closed, $random->whole(0, 1) === 0 ? [] : [$other]);
        $best = null;
        foreach (allSets($wanted, $wanted->first, $wanted->atMost) as $days) {
            $left = $outbreak->with(array_map(static fn(int $i, int $day): Treatment => new Treatment($day, $wanted->kills()[$i % count($wanted->kills())]), array_keys($days), $days))->go($guess, $until)[$until]->all();
            $one = new Programme($days, $left);
            // What ends it comes first.
            if ($best === null || ($one->ends() === $best->ends() ? $one->isBetterThan($best, $one->ends()) : $one->ends())) {
                $best = $one;
            }
        }
        $found = (new Search($outbreak, $guess, $wanted))->from($outbreak->go($guess, $from)[$from]->numbers);
        expect($found->left)->toEqualWithDelta($best?->left, 1e-7 * max(1.0, $best?->left), "case {$case} of {$seed}")
            ->and($found->ends())->toBe($best?->ends())->and(count($found->days))->toBeLessThanOrEqual($wanted->atMost);
        if ($found->ends()) {
            expect([count($found->days), max([0, ...$found->days])])->toBe([count($best->days ?? []), max([0, ...$best->days ?? []])]);
        }
    }
})->with(array_map(static fn(int $seed): array => [$seed], range(1, 10)));

it('keeps days apart, and sprays on no day that may not be', function (): void {
    $life = LifeCatalogue::shipped()->of('spider-mites') ?? throw new LogicException();
    $outbreak = new Outbreak($life, Warmths::steady(22.0));
    foreach ([3, 5, 7] as $gap) {
        $found = (new Search($outbreak, new Guess(log(40.0)), $wanted = new Wanted(new Kill(['egg' => 0.5, 'young' => 0.85, 'adult' => 0.85]), 0, 2, 59, $gap, 8)))->from($outbreak->go(new Guess(log(40.0)), 0)[0]->numbers);
        foreach ($found->days as $i => $day) {
            expect($wanted->allows($day))->toBeTrue()->and($day - ($found->days[$i - 1] ?? -99))->toBeGreaterThanOrEqual($gap);
        }
        expect(count($found->days))->toBeGreaterThan(1)->toBeLessThanOrEqual(8);
    }
});

it('searches as close as its school sprays it, and no sooner than the next round may be', function (): void {
    $method = RecipeCatalogue::shipped()->practiceOf(RecipeCatalogue::shipped()->get('plain-soap'))->method;
    $kill = new Kill(['young' => 0.8]);
    $of = static fn(?float $every, ?int $last, ?int $next): ?array => ($wanted = Wanted::bySchool($kill, $method, $every, 10, $last, $next)) === null ? null : [$wanted->first, $wanted->gap, $wanted->until];
    expect($of(4.0, null, null))->toBe([10, 4, 45])->and($of(4.0, 8, null))->toBe([12, 4, 45])->and($of(4.0, 2, null))->toBe([10, 4, 45])->and($of(4.0, 8, 15))->toBe([15, 4, 45])
        // What comes after what is searched, or but once, has no best.
        ->and($of(4.0, 8, 46))->toBeNull()->and($of(null, null, null))->toBeNull();
    // What was had in a row, and what the season bears yet, leave so many.
    $most = static fn(int $had, ?int $left): ?int => Wanted::bySchool($kill, $method, 4.0, 10, 8, null, $had, $left)?->atMost;
    expect($most(0, 2))->toBe(2)->and($most(0, 0))->toBeNull()->and($most($method->inARow ?? 0, 5))->toBe($method->inARow === null ? 5 : null);
});

it('needs no round where it dies out by itself, and says so where none is allowed', function (): void {
    $life = LifeCatalogue::shipped()->of('aphids') ?? throw new LogicException();
    $outbreak = new Outbreak($life, Warmths::steady(20.0));
    $search = static fn(float $start, int $atMost): Programme => (new Search($outbreak, new Guess(log($start)), new Wanted(new Kill(['young' => 0.9, 'adult' => 0.9]), 0, 0, 3, 2, $atMost)))->from($outbreak->go(new Guess(log($start)), 0)[0]->numbers);
    expect($search(0.1, 4)->days)->toBe([])->and($search(0.1, 4)->ends())->toBeTrue()
        ->and($search(50.0, 0)->days)->toBe([])->and($search(50.0, 0)->ends())->toBeFalse();
});
