<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\Associations;
use IdleMixer\Core\Evidence\CountClass;
use IdleMixer\Core\Evidence\Fact;
use IdleMixer\Core\Evidence\Formula;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\Kept;
use IdleMixer\Core\Evidence\Look;
use IdleMixer\Core\Evidence\LookPlans;
use IdleMixer\Core\Evidence\LookReader;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Tests\Support\Alone;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\AssociationWords;
use IdleMixer\Core\Wording\FamilyWords;

function lookOf(string $pest, string $json): Look
{
    return LookReader::read(JsonText::parse($json)->open(), LookPlans::shipped()->of($pest), Enemies::shipped());
}

it('knows how every pest is looked at that can be counted', function (): void {
    $plans = LookPlans::shipped();
    expect($plans->pests())->toEqualCanonicalizing(TroubleCatalogue::shipped()->pestSlugs());
    foreach ($plans->pests() as $pest) {
        $plan = $plans->of($pest);
        // A look takes under a minute: no more than ten spots; and where to look is said in a sentence.
        expect($plan->spots)->toBeGreaterThan(1)->toBeLessThanOrEqual(10)->and($plan->where)->toEndWith('.')->and($plan->spot)->not->toBe('');
    }
    // Common practice, no source: mites are tapped over paper, mildew is judged by how much of a leaf it takes, mealybugs by stages.
    expect([$plans->of('spider-mites')->spot, $plans->of('powdery-mildew')->percent, array_keys($plans->of('mealybugs')->stages)])->toBe(['paper', true, ['egg-sacs', 'crawlers', 'adults']]);
});

it('takes the middle of a class on the scale of logarithms', function (): void {
    // By hand: the root of the product of the bounds.
    foreach ([[CountClass::Few, 1, 5], [CountClass::Some, 6, 20], [CountClass::Many, 21, 100]] as [$class, $from, $to]) {
        expect($class->middle())->toEqualWithDelta(sqrt($from * $to), 0.05)->and($class->value)->toBe("{$from}-{$to}");
    }
    // What has no upper bound is taken for half as many again as its lower one (our own).
    expect(CountClass::None->middle())->toBe(0.0)->and(CountClass::Crowd->middle())->toBe(150.0);
});

it('reads a look, and stretches it to what the plan asks for', function (): void {
    expect(lookOf('aphids', '{"each":[1,"6-20",0]}')->value)->toEqualWithDelta(10 / 3 * (1 + 11), 0.05)
        ->and(lookOf('mealybugs', '{"stages":{"crawlers":4,"adults":1}}')->value)->toBe(5.0)
        ->and(lookOf('aphids', '{"value":7,"newClean":true,"helpers":{}}')->newClean)->toBeTrue()
        ->and(static fn() => lookOf('aphids', '{"value":7,"each":[7]}'))->toThrow(InvalidDocument::class, 'not both')
        ->and(static fn() => lookOf('mealybugs', '{"value":3,"stages":{"adults":4}}'))->toThrow(InvalidDocument::class, '4 of 3');
});

it('reads which natural enemies were seen beside it, as notebooks of before said it, too', function (string $json, ?array $helpers): void {
    expect(lookOf('aphids', $json)->helpers)->toBe($helpers);
})->with([
    'nobody looked' => ['{"value":7}', null], 'nor said so' => ['{"value":7,"helpers":null}', null], 'none' => ['{"value":7,"helpers":{}}', []],
    'some, and how many' => ['{"value":7,"helpers":{"ladybirds":3,"mummies":null}}', ['ladybirds' => 3, 'mummies' => null]],
    'some that nobody named' => ['{"value":7,"helpers":true}', ['others' => null]], 'none, of before' => ['{"value":7,"helpers":false}', []],
]);

it('refuses helpers that are none', function (string $json, string $says): void {
    expect(static fn() => lookOf('aphids', $json))->toThrow(InvalidDocument::class, $says);
})->with([
    ['{"value":7,"helpers":{"dragons":1}}', 'dragons'], ['{"value":7,"helpers":{"ladybirds":-1}}', '-1'], ['{"value":7,"helpers":{"ladybirds":1e300}}', '1.0E+300'], ['{"value":7,"helpers":"yes"}', 'object'], ['{"value":7,"helpers":["ladybirds"]}', 'object'],
]);

/** @return list<array{RoundEffect, array<string, bool>}> so many that worked and failed on either side of a fact, in cases of their own */
function roundsWith(int $workedWith, int $failedWith, int $workedWithout, int $failedWithout): array
{
    $rounds = [];
    foreach ([[true, true, $workedWith], [true, false, $failedWith], [false, true, $workedWithout], [false, false, $failedWithout]] as [$with, $worked, $many]) {
        for ($i = 0; $i < $many; ++$i) {
            $rounds[] = [new RoundEffect('case ' . count($rounds), $worked ? Outcome::Worked : Outcome::Failed, Formula::BeforeAfter, $worked ? 90.0 : 10.0, new Kept($worked ? -2.3 : -0.1, 0.1), 1.0), [Fact::Hardness->value => $with]];
        }
    }

    return $rounds;
}

it('tells what went with failure, and only with rounds enough', function (): void {
    // Newcombe (1998), method 10, by hand from the score intervals of both sides.
    $one = Associations::in(roundsWith(1, 7, 8, 1))[0];
    $mine = Interval::clustered(Alone::rounds(1, 8));
    $theirs = Interval::clustered(Alone::rounds(8, 9));
    [$p, $q] = [1 / 8, 8 / 9];
    expect([$one->worked, $one->of, $one->otherWorked, $one->otherOf])->toBe([1, 8, 8, 9])
        ->and($one->low)->toEqualWithDelta($p - $q - sqrt(($p - $mine->low) ** 2 + ($theirs->high - $q) ** 2), 1e-9)
        ->and($one->high)->toEqualWithDelta($p - $q + sqrt(($mine->high - $p) ** 2 + ($q - $theirs->low) ** 2), 1e-9)
        ->and($one->stands())->toBeTrue()
        ->and(AssociationWords::of($one))->toStartWith('Worked in 1 of 8 mixed in hard water, in 8 of 9 in softer water')->toEndWith('It went together; that need not be the cause.')
        ->and(Associations::in(roundsWith(1, 2, 8, 1)))->toBe([])
        // Four on either side, our own line.
        ->and(Associations::in(roundsWith(2, 2, 3, 1)))->toHaveCount(1)
        ->and(Associations::in(roundsWith(2, 2, 2, 1)))->toBe([])
        ->and(Associations::in(roundsWith(2, 1, 3, 1)))->toBe([])
        ->and(Associations::in(roundsWith(4, 4, 5, 4))[0]->stands())->toBeFalse();
});

it('has words for every fact and family', function (): void {
    foreach (Fact::cases() as $fact) {
        expect(AssociationWords::of(new Association($fact, 1, 4, 4, 4, -0.75, -0.9, -0.1)))->not->toContain('{');
    }
    foreach ([null, ...SprayFamily::cases()] as $family) {
        expect(FamilyWords::of($family))->not->toBe('');
    }
});

it('puts a spray into the family of what kills in it', function (array $parts, ?SprayFamily $family): void {
    /** @var array<string, float> $parts percent by substance */
    $components = array_map(static fn(string $substance, float $percent): Component => new Component($substance, $substance, Substance::from($substance), $percent, $percent), array_keys($parts), array_values($parts));
    expect(SprayFamily::of(Composition::remembered($components)))->toBe($family);
})->with([
    // Common practice, no source: what is there to wet and to hold does not make the family.
    'neem with soap' => [['neem' => 0.8, 'true-soap' => 0.3], SprayFamily::Neem],
    'soap and kitchen oil' => [['kitchen-oil' => 2.7, 'true-soap' => 2.7], SprayFamily::Oil],
    'soda with light oil' => [['soda' => 0.5, 'refined-oil' => 1.0], SprayFamily::SodaWithOil],
    'winter oil with a spoon of soda' => [['kitchen-oil' => 2.9, 'soda' => 0.4], SprayFamily::Oil],
    'alcohol and soap' => [['alcohol' => 17.0, 'true-soap' => 1.0], SprayFamily::Alcohol],
    'soap alone' => [['true-soap' => 1.5], SprayFamily::Soap],
    'a hand wash' => [['detergent' => 0.3], SprayFamily::Detergent],
    'egg and oil' => [['egg' => 0.5, 'kitchen-oil' => 0.5], SprayFamily::EggOil],
    'nothing' => [[], null],
]);
