<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Safety\WeakJudge;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Writing\VerdictWriter;

// Half a percent of soap of which hardness takes 0.3: what is left is too weak, and it is said whether anybody said how hard the water is.
it('says that it reckoned with hard water where nobody said how hard it is, and only there', function (bool $assumed): void {
    $strengths = Strengths::of(new Mixture(995.0, [new Part(IngredientCatalogue::shipped()->get('castile-soap'), 5.0, null, null)], []));
    $verdicts = WeakJudge::of(Limits::shipped())->verdicts($strengths, Target::of(RecipeUse::Foliar, null), 0.3, 0.3, 300.0, $assumed);
    expect(array_map(static fn(Verdict $one): string => $one->code, $verdicts))->toHaveCount(1);
    $text = json_encode(array_map((new VerdictWriter(Sentences::shipped(), SourceCatalogue::shipped()))->write(...), $verdicts), \JSON_THROW_ON_ERROR);
    expect($text)->toContain('300 mg')->and(str_contains($text, 'because nobody said how hard the water is'))->toBe($assumed);
})->with([[true], [false]]);
