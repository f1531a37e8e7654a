<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Codes;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Within;
use IdleMixer\Core\Leaf\BurnCause;
use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;

/** Burn that was seen after a round. */
final class Burns extends Record
{
    public function table(): string
    {
        return 'burns';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('round_id', 'rounds'),
            Plain::needed('seen_at', Moment::past($this->clock)),
            Plain::needed('share', Number::upTo(100.0)),
            Plain::needed('kinds', Codes::of(InjuryKind::class, Say::it('records/burns.kind-of-injury'))),
            Plain::needed('special', Codes::of(BurnCause::class, 'circumstance')),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
        ];
    }
}
