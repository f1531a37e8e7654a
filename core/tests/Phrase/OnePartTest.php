<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\OnePart;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Phrase\UnitMeaning;
use IdleMixer\Core\Quantity\Unit;

// Common practice, no source: a part of a stock is a cup, and a spoon where there are more than twenty of them.
it('takes a part of a stock for a cup of the kitchen, and leaves alone what was said otherwise', function (): void {
    $soap = IngredientCatalogue::shipped()->get('castile-soap');
    $of = static function (SpokenLine $line, ?Kitchen $kitchen): array {
        $made = (new OnePart($kitchen))->measured($line);

        return [$made->kind, $made->low, $made->unit?->factor, $made->unit?->unit, $made->waterParts];
    };
    $parts = new SpokenLine($soap, SpokenKind::Parts, 3.0, null, null);
    $spoons = new SpokenLine($soap, SpokenKind::Amount, 3.0, null, new UnitMeaning(1.0, Unit::UsTablespoon, 'US tablespoon'));

    expect($of($parts, Kitchen::Us))->toBe([SpokenKind::Amount, 3.0, 1.0, Unit::UsCup, null])
        ->and($of($parts, Kitchen::Metric))->toBe([SpokenKind::Amount, 3.0, 250.0, Unit::Millilitre, null])
        ->and($of(new SpokenLine($soap, SpokenKind::Parts, 21.0, null, null), Kitchen::Us))->toBe([SpokenKind::Amount, 21.0, 1.0, Unit::UsTablespoon, null])
        ->and($of($parts->inPartsTo(100.0), Kitchen::Us))->toBe([SpokenKind::Parts, 3.0, null, null, 100.0])
        ->and($of($spoons, Kitchen::Metric))->toBe([SpokenKind::Amount, 3.0, 1.0, Unit::UsTablespoon, null]);
});
