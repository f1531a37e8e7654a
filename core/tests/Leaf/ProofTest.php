<?php

declare(strict_types=1);

use IdleMixer\Core\Leaf\Burn;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Leaf\ProofOutcome;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\TestedSpray;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Tests\Support\Sprays;

/*
 * What a careful grower concludes from leaf tests, written down before the code: every new spray, every new kind of plant
 * and every higher strength is tested; a mark stands until something better was shown (common practice, no source). That
 * two strengths within 5 % are the same, and that a slight mark is no stop, is our own.
 */

/** @param list<TestedSpray> $tests */
function proven(array $tests, Composition $spray, string $now = '2026-06-30T08:00:00Z'): ProofOutcome
{
    return (new Proof($tests))->of($spray, new DateTimeImmutable($now))->outcome;
}

const CLEAN = [49 => Reaction::Clean];
const DEAD = [30 => Reaction::Dead];
const SLIGHT = [30 => Reaction::Slight];

it('concludes what a careful grower would', function (array $tests, Composition $spray, ProofOutcome $outcome, Level $level, string $now = '2026-06-30T08:00:00Z'): void {
    /** @var list<TestedSpray> $tests */
    expect(proven($tests, $spray, $now))->toBe($outcome)->and($outcome->level())->toBe($level);
    // In whatever order the notebook hands them over.
    expect(proven(array_reverse($tests), $spray, $now))->toBe($outcome);
})->with([
    'nothing was tested' => [[], Sprays::neem(), ProofOutcome::None, Level::Caution],
    'clean, the same again' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::neem(), ProofOutcome::GoAhead, Level::Ok],
    'clean, half of it' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::neem(0.5), ProofOutcome::GoAhead, Level::Ok],
    'clean, a spoon’s error more' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::neem(1.04), ProofOutcome::GoAhead, Level::Ok],
    'clean, a fifth stronger: three leaves cannot tell that apart' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::neem(1.2), ProofOutcome::GoAhead, Level::Ok],
    'clean, two months ago' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::neem(), ProofOutcome::Faded, Level::Caution, '2026-08-01T08:00:00Z'],
    'clean, a third stronger' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::neem(1.33), ProofOutcome::Stronger, Level::Caution],
    'clean, as much oil but more soap' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::of(['neem-oil' => 0.773, 'castile-soap' => 0.5]), ProofOutcome::Stronger, Level::Caution],
    'clean, but another soap' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::of(['neem-oil' => 0.773, 'dish-detergent' => 0.258]), ProofOutcome::None, Level::Caution],
    'clean, with mint on top' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::of(['neem-oil' => 0.773, 'castile-soap' => 0.258, 'peppermint-oil' => 0.1]), ProofOutcome::None, Level::Caution],
    'looked at too early' => [[Sprays::tested(1, Sprays::neem(), 1, [20 => Reaction::Clean])], Sprays::neem(), ProofOutcome::LookNow, Level::Caution],
    'still waiting' => [[Sprays::tested(1, Sprays::neem(), 29, [])], Sprays::neem(), ProofOutcome::Waiting, Level::Caution],
    'waiting says nothing of a stronger one' => [[Sprays::tested(1, Sprays::neem(), 29, [])], Sprays::neem(2.0), ProofOutcome::None, Level::Caution],
    'dead leaves' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD)], Sprays::neem(), ProofOutcome::Refuse, Level::Stop],
    'dead leaves, and stronger' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD)], Sprays::neem(2.0), ProofOutcome::Refuse, Level::Stop],
    'dead leaves, half of it' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD)], Sprays::neem(0.5), ProofOutcome::None, Level::Caution],
    'dead leaves, half the oil and all the soap' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD)], Sprays::of(['neem-oil' => 0.386, 'castile-soap' => 0.258]), ProofOutcome::Refuse, Level::Stop],
    'a slight mark' => [[Sprays::tested(1, Sprays::neem(), 1, SLIGHT)], Sprays::neem(), ProofOutcome::Weaken, Level::Caution],
    'dead leaves, then another test begun' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD), Sprays::tested(2, Sprays::neem(), 29, [])], Sprays::neem(), ProofOutcome::Refuse, Level::Stop],
    'dead leaves, then a clean test' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD), Sprays::tested(2, Sprays::neem(), 10, CLEAN)], Sprays::neem(), ProofOutcome::GoAhead, Level::Ok],
    'dead leaves, then clean at half' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD), Sprays::tested(2, Sprays::neem(0.5), 10, CLEAN)], Sprays::neem(), ProofOutcome::Refuse, Level::Stop],
    'dead leaves, then clean at half, and half is sprayed' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD), Sprays::tested(2, Sprays::neem(0.5), 10, CLEAN)], Sprays::neem(0.5), ProofOutcome::GoAhead, Level::Ok],
    'clean, then dead leaves' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN), Sprays::tested(2, Sprays::neem(), 10, DEAD)], Sprays::neem(), ProofOutcome::Refuse, Level::Stop],
    'clean at full, then dead at half: a quarter is not proven' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN), Sprays::tested(2, Sprays::neem(0.5), 10, DEAD)], Sprays::neem(0.25), ProofOutcome::None, Level::Caution],
    'clean at full, then slight at double: full stands' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN), Sprays::tested(2, Sprays::neem(2.0), 10, SLIGHT)], Sprays::neem(), ProofOutcome::GoAhead, Level::Ok],
    'side by side, one clean and one dead' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN), Sprays::tested(2, Sprays::neem(), 1, DEAD)], Sprays::neem(), ProofOutcome::Refuse, Level::Stop],
    'slight and dead: the worse counts' => [[Sprays::tested(1, Sprays::neem(), 1, DEAD), Sprays::tested(2, Sprays::neem(), 10, SLIGHT)], Sprays::neem(), ProofOutcome::Refuse, Level::Stop],
    'of unsure strength: only the least is proven' => [[Sprays::tested(1, Sprays::of(['neem-oil' => [0.4, 0.8], 'castile-soap' => 0.258]), 1, CLEAN)], Sprays::neem(), ProofOutcome::Stronger, Level::Caution],
    'of unsure strength: the most is sprayed' => [[Sprays::tested(1, Sprays::neem(), 1, CLEAN)], Sprays::of(['neem-oil' => [0.7, 1.0], 'castile-soap' => 0.258]), ProofOutcome::Stronger, Level::Caution],
]);

it('says which test speaks', function (): void {
    $proof = new Proof([Sprays::tested(7, Sprays::neem(), 1, CLEAN), Sprays::tested(8, Sprays::neem(0.5), 3, CLEAN)]);
    expect($proof->of(Sprays::neem(), new DateTimeImmutable('2026-06-30T08:00:00Z'))->by?->ref)->toBe(7)
        ->and($proof->of(Sprays::of(['egg' => 1.0]), new DateTimeImmutable('2026-06-30T08:00:00Z'))->by)->toBeNull();
});

it('never lets a stronger spray go where a weaker one may not', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(9));
    $looks = [[], CLEAN, DEAD, SLIGHT, [20 => Reaction::Clean], [20 => Reaction::Slight, 60 => Reaction::Clean]];
    for ($round = 0; $round < 400; ++$round) {
        $tests = [];
        foreach (range(1, $random->getInt(1, 5)) as $ref) {
            $tests[] = Sprays::tested($ref, Sprays::neem($random->getInt(1, 30) / 10), $random->getInt(1, 28), $looks[$random->getInt(0, 5)]);
        }
        $times = $random->getInt(1, 30) / 10;
        $weak = proven($tests, Sprays::neem($times));
        $strong = proven($tests, Sprays::neem($times * 1.2));
        expect($strong === ProofOutcome::GoAhead && $weak !== ProofOutcome::GoAhead)->toBeFalse();
        expect($weak->level() === Level::Stop && $strong->level() !== Level::Stop)->toBeFalse();
    }
});

// Exact bounds by hand: none of 2 leaves 1 - 0.05^(1/2) = 77.6 %, of 4 leaves 52.7 %, of 4 leaves and a clean round 45.1 %.
it('adds up the leaves and the rounds that stayed clean, and says what they still allow', function (): void {
    $now = new DateTimeImmutable('2026-06-30T08:00:00Z');
    $one = [Sprays::tested(1, Sprays::neem(), 1, CLEAN)];
    $two = [...$one, Sprays::tested(2, Sprays::neem(1.2), 5, CLEAN)];
    $bound = static fn(Proof $proof): float => $proof->of(Sprays::neem(), $now)->mayStillBurn();
    expect($bound(new Proof($one)))->toEqualWithDelta(0.776, 0.0005)
        ->and($bound(new Proof($two)))->toEqualWithDelta(0.527, 0.0005)
        ->and($bound(new Proof($two, [Sprays::neem()])))->toEqualWithDelta(0.451, 0.0005)
        // A round of something weaker proves nothing of this strength.
        ->and($bound(new Proof($two, [Sprays::neem(0.5)])))->toEqualWithDelta(0.527, 0.0005)
        ->and($bound(new Proof([])))->toBe(1.0);
});

it('takes each strength of a ladder by itself, and a burn after a round for a marked test', function (): void {
    $begun = new DateTimeImmutable('2026-06-01T08:00:00Z');
    $seen = [new SeenLeaf(1, 30.0, 30.0, 30.0), new SeenLeaf(2, 0.0, 0.0, 0.0), new SeenLeaf(3, 0.0, 0.0, 0.0), new SeenLeaf(4, 0.0, 0.0, 0.0)];
    $ladder = TestedSpray::each(1, new LeafTest($begun, 48, TestLeaves::of(2, [1.0, 0.5], false), [new LeafLook($begun->modify('+49 hours'), $seen)]), Sprays::neem());
    expect(proven($ladder, Sprays::neem()))->toBe(ProofOutcome::Refuse)
        ->and(proven($ladder, Sprays::neem(0.5)))->toBe(ProofOutcome::GoAhead)
        ->and(proven($ladder, Sprays::neem(0.7)))->toBe(ProofOutcome::Stronger);
    $burnt = new TestedSpray(9, Burn::asTest($begun->modify('+10 days'), $begun->modify('+12 days'), 15.0), Sprays::neem(0.5), round: true);
    expect(proven([...$ladder, $burnt], Sprays::neem(0.5)))->toBe(ProofOutcome::Refuse)
        // What burnt a plant is freed by something weaker that stayed clean since, as far as that reaches.
        ->and(proven([...$ladder, $burnt, Sprays::tested(10, Sprays::neem(0.5), 15, CLEAN)], Sprays::neem(0.5)))->toBe(ProofOutcome::Refuse)
        ->and(proven([...$ladder, $burnt, Sprays::tested(10, Sprays::neem(0.45), 15, CLEAN)], Sprays::neem(0.5)))->toBe(ProofOutcome::GoAhead)
        ->and(proven([...$ladder, $burnt, Sprays::tested(10, Sprays::neem(0.3), 15, CLEAN)], Sprays::neem(0.5)))->toBe(ProofOutcome::Refuse);
});
