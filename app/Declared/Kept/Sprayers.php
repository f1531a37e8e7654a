<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Values\Word;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Vessel\SprayerShape;
use IdleMixer\Core\Words\Say;

/** A sprayer, and what its owner found out about it. */
final class Sprayers extends Record
{
    /** In whatever unit it is said. */
    private const MOST = 1e9;

    private const MOST_POURS = 1_000;

    public function table(): string
    {
        return 'sprayers';
    }

    public function list(): string
    {
        return 'sprayers';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    /** @throws InvalidDocument when they are no pairs of mL and mm */
    private static function poured(Node $node): void
    {
        foreach ($node->items(0, self::MOST_POURS, 'pours') as $pour) {
            array_map(static fn(Node $one): float => $one->positive(), $pour->items(2, 2, 'numbers'));
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('amount', Number::positive(self::MOST)),
            Plain::needed('unit', Word::of(Unit::class, 'unit')),
            Plain::usually('shape', new Word(['', ...array_column(SprayerShape::cases(), 'value')], Say::it('records/sprayers.shape-of-sprayer')), ''),
            Plain::maybe('largest_fill_ml', Number::positive(self::MOST), 'largestFillMl'),
            Plain::usually('left_behind_ml', Number::upTo(self::MOST), 0.0, 'leftBehindMl'),
            Plain::usually('pours', new Json(self::poured(...), ['type' => 'array', 'items' => ['type' => 'array', 'items' => ['type' => 'number', 'exclusiveMinimum' => 0], 'minItems' => 2, 'maxItems' => 2]]), '[]'),
            Plain::maybe('retired_at', Moment::past($this->clock)),
        ];
    }
}
