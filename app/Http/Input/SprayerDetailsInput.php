<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Sprayer;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Vessel\FillMarks;
use IdleMixer\Core\Vessel\SprayerShape;
use IdleMixer\Core\Words\Say;

/** What its owner found out about a sprayer: how far to fill it, what stays in it, how high the water stands. */
final readonly class SprayerDetailsInput
{
    private const MOST_POURS = 40;

    /** A sprayer taller than this is a tank. */
    private const TALLEST_MM = 2000.0;

    /** @param list<array{float, float}> $pours mL in all and mm above the bottom */
    private function __construct(public int $basedOn, public string $name, public Amount $holds, public ?float $largestFill, public float $leftBehind, public array $pours, public string $shape) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Sprayer $sprayer): self
    {
        $sent = Sent::toChange($node, ['name', 'holds', 'largestFill', 'leftBehind', 'pours', 'shape']);
        $object = $sent->object;
        $name = $object->optional('name');
        $size = $object->optional('holds');
        if ($size !== null) {
            AmountReader::vessel($size, 'A sprayer');
        }
        $amount = $size === null ? $sprayer->amount() : AmountReader::read($size, Dimension::Volume);
        $holds = $amount->inBase();
        $fill = self::within($object->optional('largestFill'), $holds);
        $left = self::within($object->optional('leftBehind'), ($fill ?? $holds) / 2.0);
        $pours = [];
        foreach ($object->get('pours')->items(0, self::MOST_POURS, 'pours') as $pour) {
            $row = $pour->object(['mL', 'mm']);
            $pours[] = [$row->get('mL')->positive($holds * (1 + 1e-9)), $row->get('mm')->positive(self::TALLEST_MM)];
        }
        FillMarks::of($pours);

        return new self($sent->basedOn, $name === null ? $sprayer->name : trim($name->line(RecipeReader::MAX_NAME, 1)), $amount, $fill, $left ?? 0.0, $pours, $object->optional('shape')?->word(array_column(SprayerShape::cases(), 'value'), Say::it('input/sprayer-details-input.shape-of-sprayer')) ?? $sprayer->shape);
    }

    private static function within(?Node $node, float $most): ?float
    {
        if ($node === null || $node->isNull()) {
            return null;
        }
        $ml = AmountReader::read($node, Dimension::Volume)->inBase();
        if ($ml > $most * (1 + 1e-9)) {
            throw InvalidDocument::because("{$node->path}/amount", Say::it('input/sprayer-details-input.this-can-be-at-most', ['most' => (string) round($most, 1)]), round($ml, 1));
        }

        return $ml;
    }
}
