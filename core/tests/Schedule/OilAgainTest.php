<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Rounds;
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

it('lays a programme out by it', function (float $percent, int $apart): void {
    $recipe = [...RecipeWriter::write(RecipeCatalogue::shipped()->get('fine-paraffin-mist')), 'slug' => 'mine'];
    $lines = $recipe['lines'];
    assert(is_array($lines) && is_array($lines[0]));
    unset($lines[0]['upTo']);
    $lines[0]['amount'] = $percent * 10.0;
    $request = ['trouble' => 'aphids', 'recipes' => [[...$recipe, 'lines' => $lines]], 'start' => '2027-05-01', 'zone' => 'UTC', 'pressure' => 'infested', 'temperature_C' => 20, 'interval_days' => 3];
    $sprays = array_values(array_filter(Rounds::shipped()->answer(JsonText::parse(json_encode($request, \JSON_THROW_ON_ERROR)))['entries'], static fn(array $entry): bool => $entry['kind'] === 'spray'));
    expect((new DateTimeImmutable($sprays[0]['on']))->diff(new DateTimeImmutable($sprays[1]['on']))->days)->toBe($apart);
})->with(['1 %' => [1.0, 7], '2 %' => [2.0, 28]]);
