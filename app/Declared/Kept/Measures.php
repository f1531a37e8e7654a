<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Values\Word;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;

/** A spoon, a cup, a syringe, a dropper or a scale. */
final class Measures extends Record
{
    /** In whatever unit it is said. */
    private const MOST = 1e9;

    public function table(): string
    {
        return 'measures';
    }

    public function list(): string
    {
        return 'measures';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('amount', Number::positive(self::MOST)),
            Plain::needed('unit', Word::of(Unit::class, 'unit')),
            Plain::usually('kind', new Word(['level', 'marked', 'dropper', 'scale'], Say::it('records/measures.kind-of-measure')), 'level'),
            Plain::maybe('step', Number::positive(self::MOST)),
            Plain::usually('calibration', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::maybe('retired_at', Moment::past($this->clock)),
        ];
    }
}
