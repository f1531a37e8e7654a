<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\Calibration;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;

/** “30 drops filled 2 mL”, “10 level spoons weighed 47 g”. */
final readonly class CalibrationInput
{
    private const MOST = 1000;

    private function __construct(public int $basedOn, public Volume $each, public string $words) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, IngredientCatalogue $ingredients): self
    {
        $sent = Sent::toChange($node, ['count', 'came', 'of']);
        $object = $sent->object;
        $count = $object->get('count')->whole(1, self::MOST);
        $came = AmountReader::read($object->get('came'), Dimension::Volume, Dimension::Mass);
        $of = $object->optional('of');
        $ingredient = $of === null || $of->isNull() ? null : $ingredients->get($of->word($ingredients->slugs(), 'ingredient'));
        $weighed = $came->unit->dimension() === Dimension::Mass;
        $each = $weighed
            ? Calibration::byWeighing($count, $came->inBase(), $ingredient->density->value ?? Calibration::WATER_DENSITY)
            : Calibration::byFilling($count, $came->volume());
        if ($each->millilitres() < AmountReader::MIN_MEASURE || $each->millilitres() > AmountReader::MAX_MEASURE) {
            throw $object->get('came')->object(['amount', 'unit'])->get('amount')->fault(Say::it('input/calibration-input.one-of-would-hold-what', ['millilitres' => Measures::metric($each->millilitres())]));
        }
        $what = $weighed ? Say::it('input/calibration-input.of', ['name' => $ingredient->name ?? 'water']) : '';

        return new self($sent->basedOn, $each, Say::it('input/calibration-input.of-ml-each', ['count' => $count, 'value' => $weighed ? 'weighed ' : 'filled ', 'amount' => Measures::amount($came), 'what' => $what, 'millilitres' => Figures::short($each->millilitres())]));
    }
}
