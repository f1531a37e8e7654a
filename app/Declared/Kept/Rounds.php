<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Values\WeatherKept;
use App\Declared\Within;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Recipe\RecipeReader;

/** One application of a batch to a case. */
final class Rounds extends Record
{
    private const MOST_LITRES = 10_000.0;

    public function table(): string
    {
        return 'rounds';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    public function parts(): array
    {
        return [
            'burns' => new Part(Burns::class, 'round_id', ['seen_at', 'submission'], InputLines::MOST_ROWS['value'], joins: true),
        ];
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('case_id', 'cases'),
            Link::to('batches', 'batch_id', 'batch', 'batch'),
            Plain::needed('sprayed_at', Moment::past($this->clock)),
            self::flag('hand_work'),
            self::flag('rinsed'),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::usually('override', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::maybe('litres', Number::upTo(self::MOST_LITRES)),
            Plain::usually('weather', new WeatherKept(), ''),
            Link::maybe('runs', 'run_id', 'run', 'walk'),
        ];
    }
}
