<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\InTurn;

/*
 * Paraffin oil at 1 % may be repeated after 7 days, at 2 % it is not (four weeks, where the leaf has grown on): common practice, no
 * source. Where the lines between strong, ordinary and hardly any lie, at 1.5 and 0.5 %, is the house's own.
 */
it('repeats refined oil the later the stronger it is', function (float $percent, ?int $days): void {
    $mixture = (new Formulator())->onBasis(RecipeCatalogue::shipped()->get('fine-paraffin-mist'));
    $turn = new InTurn('any', 3, 'oil', $percent, 0.0, $percent, FairLook::shipped()->of($mixture, RecipeUse::Foliar));
    expect($turn->oilAgain())->toBe($days);
})->with([[0.0, null], [0.49, null], [0.5, 7], [1.0, 7], [1.5, 7], [1.51, 28], [2.0, 28], [3.0, 28]]);

it('refuses a course that repeats it sooner, and says how soon it may be', function (float $percent, int $apart): void {
    $recipe = [...RecipeWriter::write(RecipeCatalogue::shipped()->get('fine-paraffin-mist')), 'slug' => 'mine'];
    $lines = $recipe['lines'];
    assert(is_array($lines) && is_array($lines[0]));
    unset($lines[0]['upTo']);
    $lines[0]['amount'] = $percent * 10.0;
    $request = ['trouble' => 'aphids', 'methods' => [[...$recipe, 'lines' => $lines]], 'start' => '2027-05-01', 'pressure' => 'moderate', 'temperature_C' => 20];
    $course = static fn(int $days): array => Courses::shipped()->answer(JsonText::parse(json_encode([...$request, 'everyDays' => $days], \JSON_THROW_ON_ERROR)));
    expect([$course(3)['state'], $course(3)['nearest']['everyDays'] ?? 0])->toBe(['refuse', $apart])->and($course($apart - 1)['state'])->toBe('refuse')->and($course($apart)['state'])->toBe('go-on');
})->with(['1 %' => [1.0, 7], '2 %' => [2.0, 28]]);
