<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Word;
use App\Declared\Within;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** A glass of a batch that stood, and what it showed. */
final class StandTests extends Record
{
    private const MOST = 1e6;

    public function table(): string
    {
        return 'stand_tests';
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(versions: false, rowTimes: false),
            new Within('batch_id', 'batches'),
            Plain::needed('tested_at', Moment::past($this->clock)),
            Plain::needed('result', Word::of(StandTest::class, Say::it('records/stand-tests.stand-test-result'))),
            Plain::maybe('seconds', Number::positive(self::MOST)),
            Plain::maybe('height_mm', Number::positive(self::MOST)),
        ];
    }
}
