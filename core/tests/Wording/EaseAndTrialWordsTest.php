<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\LotTrial;
use IdleMixer\Core\Evidence\SpotLook;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Plan\HelpfulSpoon;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\RoundKind;
use IdleMixer\Core\Plan\RoundVolume;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\EaseWords;
use IdleMixer\Core\Wording\TrialWords;

// A US tablespoon is 14.79 mL: two of them are 29.57 mL.
it('says by how much a rounder answer is more or less', function (int $count, float $wanted, string $said): void {
    expect(EaseWords::shipped()->rounder(new Scoop(Measure::holding(Amount::of(1.0, Unit::UsTablespoon)), $count), $wanted))->toBe($said);
})->with([
    [2, 27.97, 'or 2 tbsp: 6 % more'], [2, 31.0, 'or 2 tbsp: 5 % less'], [1, 14.0, 'or 1 tbsp: 6 % more'], [1, 14.75, 'or 1 tbsp: 1 % more'], [1, 14.8, 'or 1 tbsp: 1 % less'], [3, 40.0, 'or 3 tbsp: 11 % more'],
]);

it('says at which volume all is whole, and which spoon is missing', function (): void {
    $words = EaseWords::shipped();
    $missing = static function (Plan $plan) use ($words): string {
        $spoon = HelpfulSpoon::of($plan);

        return $spoon === null ? '' : $words->spoon($spoon);
    };
    $with = static fn(float $amount, string $unit): array => ['measures' => [['amount' => $amount, 'unit' => $unit]]];
    $volume = static fn(RoundKind $kind): string => $words->volume(new RoundVolume(Volume::of(1.0, Unit::UsGallon), $kind), Unit::UsGallon);
    expect($volume(RoundKind::Whole))->toBe('At 1 US gal (3.79 L) every line is whole spoons.')
        ->and($volume(RoundKind::AsWritten))->toBe('As written it makes 1 US gal (3.79 L), and its own figures are whole spoons.')
        ->and($volume(RoundKind::Fewer))->toBe('At 1 US gal (3.79 L) no line takes more than 8 moves.')
        ->and($missing(Plans::of(['recipe' => 'soda-leaf-spray', 'make' => ['amount' => 360, 'unit' => 'mL'], 'measures' => [['amount' => 90, 'unit' => 'mL'], ['amount' => 1, 'unit' => '[drp]']]])))->toContain('baking soda')
        ->and($missing(Plans::shipped('plain-soap', 1.0, '[qt_us]', $with(1.0, '[tbs_us]'))))->toBe('A 1 tsp in the drawer would measure castile soap closely enough.')
        ->and($missing(Plans::shipped('neem-by-the-gallon', 5.0, '[gal_us]', $with(1.0, '[tbs_us]'))))->toBe('A ½ cup in the drawer would save 7 moves here.');
});

/** @param list<list<float>> $after what is left on each of eight leaves, the first spray on every second one from the first */
function lotTrial(array $after, bool $turned = false, bool $sprayed = true): LotTrial
{
    $day = static fn(int $n): DateTimeImmutable => (new DateTimeImmutable('2026-06-01T18:00:00Z'))->modify("+{$n} days");
    $looks = [new SpotLook($day(0), [10.0, 11.0, 12.0, 10.0, 11.0, 12.0, 10.0, 11.0])];
    foreach ($after as $i => $counts) {
        $looks[] = new SpotLook($day(2 + $i), $counts);
    }

    return new LotTrial(array_map(static fn(bool $first): bool => $first !== $turned, [true, false, true, false, true, false, true, false]), $looks, $sprayed ? $day(1) : null);
}

const FAR_APART = [1.0, 10.0, 1.0, 9.0, 1.0, 11.0, 1.0, 10.0];
const MUCH_ALIKE = [5.0, 6.0, 6.0, 5.0, 6.0, 6.0, 5.0, 6.0];

it('says what is to be done until a trial tells something', function (): void {
    expect(TrialWords::result(new LotTrial([true, false], [], null), 'Soap', 'Oil'))->toBe('Count all of them before anything is sprayed.')
        ->and(TrialWords::result(lotTrial([], sprayed: false), 'Soap', 'Oil'))->toBe('All are counted. Spray both sides today, each with its own.')
        ->and(TrialWords::result(lotTrial([]), 'Soap', 'Oil'))->toBe('Sprayed. Count all of them again on the next day of its plan.');
});

/*
 * By hand: half a count is added to each. One leaves 1.5 of 10.5 to 12.5, the other 9.5 to 11.5 of 10.5 to 12.5: means of logarithms -2.012 and
 * -0.091, so 6.8 times as much. Named the other way round, nothing else may change.
 */
it('says the same of a trial whichever spray is named first', function (array $after, string $said): void {
    /**
     * @var list<list<float>> $after
     * @var non-empty-string  $said
     */
    expect(TrialWords::result(lotTrial($after), 'Soap', 'Oil'))->toStartWith($said)
        ->and(TrialWords::result(lotTrial($after, turned: true), 'Oil', 'Soap'))->toBe(TrialWords::result(lotTrial($after), 'Soap', 'Oil'));
})->with([
    'far apart' => [[FAR_APART], 'Oil left 6.8 times as many as Soap ('],
    'much alike' => [[MUCH_ALIKE], 'Oil left about as many as Soap (0.9 to 1.1, 19 times of 20).'],
]);

it('says whether that settles it', function (array $after, string $said): void {
    /**
     * @var list<list<float>> $after
     * @var non-empty-string  $said
     */
    expect(TrialWords::result(lotTrial($after), 'Soap', 'Oil'))->toEndWith($said);
})->with([
    'settled' => [[FAR_APART], 'That settles it: the trial may stop.'],
    'not yet' => [[MUCH_ALIKE], 'That settles nothing yet: look again, it may stop at one of three looks.'],
    'not at the second' => [[MUCH_ALIKE, MUCH_ALIKE], 'That settles nothing yet: look again, it may stop at one of three looks.'],
    'not at all' => [[MUCH_ALIKE, MUCH_ALIKE, MUCH_ALIKE], 'That settles nothing yet: all three looks were had; they are about as good as each other, or more leaves are needed.'],
]);
