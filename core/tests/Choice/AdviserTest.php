<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\Adviser;
use IdleMixer\Core\Choice\Answer;
use IdleMixer\Core\Choice\Chooser;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\OwnResult;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Tests\Support\Troubled;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Trouble\UnknownEnemy;
use IdleMixer\Core\Wording\ChoiceWords;

it('never proposes more than three, nor what is stopped, nor two that are the same, whatever is said', function (): void {
    mt_srand(39);
    $troubles = array_values(TroubleCatalogue::shipped()->troubles);
    $leaves = ToleranceCatalogue::shipped()->slugs();
    $flags = ['bearsNoOil', 'inBloom', 'dryAtRoot', 'seedling', 'wounded', 'eatenSoon', 'soapSensitive', 'sulfurLately', 'copperLately', 'oilLately'];
    $ingredients = ['castile-soap', 'neem-oil', 'vegetable-oil', 'isopropyl-alcohol', 'baking-soda', 'dish-detergent', 'paraffin-oil'];
    $words = ChoiceWords::shipped();
    $sprayed = $waited = 0;
    for ($i = 0; $i < 400; ++$i) {
        $trouble = $troubles[mt_rand(0, count($troubles) - 1)];
        $case = [
            'stage' => $trouble->stages[mt_rand(0, count($trouble->stages) - 1)],
            'leaf' => $leaves[mt_rand(0, count($leaves) - 1)],
            'how' => ['light', 'moderate', 'heavy'][mt_rand(0, 2)],
            'season' => mt_rand(0, 3) === 0 ? 'dormant' : 'growing',
            'site' => Site::cases()[mt_rand(0, 2)],
            'celsius' => mt_rand(5, 35) * 1.0,
            'crowded' => mt_rand(0, 1) === 1,
            'plant' => array_fill_keys(array_filter($flags, static fn(): bool => mt_rand(0, 6) === 0), true),
            'seen' => array_fill_keys(array_filter(Enemies::shipped()->slugs(), static fn(): bool => mt_rand(0, 4) === 0), null),
            ...(mt_rand(0, 1) === 0 ? [] : ['cupboard' => array_values(array_filter($ingredients, static fn(): bool => mt_rand(0, 1) === 0))]),
            ...(mt_rand(0, 3) === 0 ? ['own' => ['plain-soap' => new OwnResult(4, mt_rand(0, 4)), 'neem-leaf-quart' => new OwnResult(3, mt_rand(0, 3))]] : []),
        ];
        $situation = Troubled::by($trouble->slug, $case);
        $advice = Adviser::shipped()->advise($situation);
        $told = json_encode([$trouble->slug, $case], \JSON_THROW_ON_ERROR);
        $slugs = array_map(static fn(Option $option): string => $option->recipe->slug, $advice->sprays);
        $ways = array_map(static fn(Option $option): string => $option->family() . $option->recipe->use->value, $advice->sprays);
        expect(count($slugs))->toBeLessThanOrEqual(3, $told)->and(count(array_unique($ways)))->toBe(count($ways), $told)
            // The first of the three is what a course begins with.
            ->and($slugs[0] ?? null)->toBe(array_values(array_filter(Chooser::shipped()->choose($situation)->proposed, static fn(Option $option): bool => $option->missing() === 0))[0]->recipe->slug ?? null, $told);
        foreach ($advice->sprays as $option) {
            expect($option->dose?->stop())->toBeNull($told)->and($option->missing())->toBe(0, $told);
        }
        foreach ($advice->others as $option) {
            expect($words->passedOver($option, $advice))->not->toContain('{', $told);
        }
        // What spreads from day to day is not waited for.
        $spreads = $trouble->slug === 'virus' || ($trouble->slug === 'spider-mites' && $case['celsius'] >= 26.0) || ($trouble->slug === 'mealybugs' && $case['crowded']);
        expect($spreads && $advice->whether->answer === Answer::NotYet)->toBeFalse($told)
            ->and($advice->whether->answer === Answer::Spray)->toBe($advice->whether->lookInDays === null, $told)
            ->and($words->whether($advice, $situation))->not->toContain('{', $told);
        $sprayed += $advice->whether->answer === Answer::Spray ? 1 : 0;
        $waited += $advice->whether->answer === Answer::NotYet ? 1 : 0;
    }
    expect($sprayed)->toBeGreaterThan(30)->and($waited)->toBeGreaterThan(20);
});

it('says each verdict in under 25 words a sentence, and none without a way on', function (): void {
    foreach (TroubleCatalogue::shipped()->troubles as $trouble) {
        foreach (['light', 'heavy'] as $how) {
            $situation = Troubled::by($trouble->slug, ['how' => $how, 'seen' => ['ladybirds' => null, 'predatory-mites' => null]]);
            $said = ChoiceWords::shipped()->whether(Adviser::shipped()->advise($situation), $situation);
            foreach (explode('. ', $said) as $sentence) {
                expect(str_word_count($sentence))->toBeLessThan(25, $said);
            }
            expect($said)->toMatch('/^(Spray|No spray|Act|Water|Wait)/');
        }
    }
});

it('knows what a spray does to enemies that were seen', function (): void {
    $advice = Adviser::shipped()->advise(Troubled::by('aphids', ['how' => 'heavy', 'seen' => ['ladybirds' => 1]]));
    $soap = array_values(array_filter([...$advice->sprays, ...$advice->others], static fn(Option $option): bool => $option->recipe->slug === 'plain-soap'))[0];
    $neem = array_values(array_filter([...$advice->sprays, ...$advice->others], static fn(Option $option): bool => $option->recipe->slug === 'neem-leaf-quart'))[0];
    // Handbooks, from memory: soap harms what it wets, neem goes on for a week in what eats sprayed prey.
    expect(ChoiceWords::hurt($soap, $advice))->toBe(['Hurts ladybirds or their grubs that it wets.'])
        ->and(ChoiceWords::hurt($neem, $advice))->toBe(['Hurts ladybirds or their grubs for 7 days.']);
});

it('refuses an enemy that nobody knows', function (): void {
    Adviser::shipped()->advise(Troubled::by('aphids', ['seen' => ['wolves' => 2]]));
})->throws(UnknownEnemy::class, 'wolves');
