<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\WeatherKept;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Recipe\RecipeReader;

/** One walk through the bed with a batch. */
final class Runs extends Record
{
    public function table(): string
    {
        return 'runs';
    }

    public function list(): string
    {
        return 'runs';
    }

    public function parts(): array
    {
        return [
            'taps' => new Part(RunTaps::class, 'run_id', ['tapped_at', 'step'], InputLines::MOST_ROWS['value']),
        ];
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Link::to('batches', 'batch_id', 'batch', 'batch'),
            self::flag('rinses'),
            self::flag('by_hand'),
            Plain::usually('weather', new WeatherKept(), ''),
            Plain::usually('override', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::needed('started_at', Moment::past($this->clock)),
            Plain::maybe('paused_at', Moment::past($this->clock)),
            Plain::maybe('finished_at', Moment::past($this->clock)),
        ];
    }
}
