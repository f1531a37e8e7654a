<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\UnknownFigure;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;

// What is asked for and not there is named, with what there is, in full sentences.
it('names what is not listed, and what is', function (Closure $ask, string $begin, string $end, string $path): void {
    try {
        $ask();
    } catch (Failure $failure) {
        expect(substr($failure->getMessage(), 0, strlen($begin)))->toBe($begin)
            ->and(substr($failure->getMessage(), -strlen($end)))->toBe($end)
            ->and($failure->path())->toBe($path);

        return;
    }
    expect('nothing was refused')->toBe($begin);
})->with([
    'ingredient' => [static fn() => IngredientCatalogue::shipped()->get('bleach'), '“bleach” is no known ingredient; known are neem-oil, neem-extract, vegetable-oil, ', ', egg.', ''],
    'trouble' => [static fn() => TroubleCatalogue::shipped()->trouble('dragons'), '“dragons” is no known trouble; known are aphids, woolly-aphids, mealybugs, ', ', hunger.', '/trouble'],
    'sign' => [static fn() => TroubleCatalogue::shipped()->sign('smoke'), '“smoke” is no known sign; known are clusters-on-tips, white-fluff, ', ', lately-watered-much.', '/signs'],
    'kind of leaf' => [static fn() => ToleranceCatalogue::shipped()->get('steel'), '“steel” is no known plant tolerance class; known are ordinary-leaf, tough-leaf, ', ', planted-soil.', '/plant'],
    'recipe' => [static fn() => RecipeCatalogue::shipped()->get('nothing'), '“nothing” is no shipped recipe; shipped are castile-and-kitchen-oil, ', ', alcohol-soap-and-brush.', '/recipe'],
    'limit' => [static fn() => Limits::shipped()->get('steel'), 'There is no limit “steel” in the catalogue.', 'catalogue.', ''],
    'source' => [static fn() => SourceCatalogue::shipped()->get('hearsay'), 'There is no source “hearsay” in the catalogue of sources.', 'sources.', ''],
    'figure' => [static fn() => throw UnknownFigure::becauseNotListed('luck'), 'The emulsion model has no figure “luck”.', 'luck”.', ''],
]);

it('finds the kinds of leaf and soil that rules speak of', function (): void {
    $kinds = ToleranceCatalogue::shipped();
    expect([$kinds->bareWood()->slug, $kinds->plantedSoil()->slug, $kinds->emptyBed()->slug, $kinds->wounded()->slug])->toBe(['dormant-wood', 'planted-soil', 'empty-bed', 'wounded-leaf'])
        ->and($kinds->plantedSoil()->planted)->toBeTrue()
        ->and($kinds->emptyBed()->planted)->toBeFalse()
        // What documents of before called soil is the empty bed.
        ->and($kinds->get('soil')->slug)->toBe('empty-bed')
        ->and($kinds->known())->toContain('soil')
        ->and($kinds->slugs())->not->toContain('soil');
});
