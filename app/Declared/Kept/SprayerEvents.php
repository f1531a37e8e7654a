<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\Word;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Words\Say;

/** What happened to a sprayer besides being filled. */
final class SprayerEvents extends Record
{
    public function table(): string
    {
        return 'sprayer_events';
    }

    public function list(): string
    {
        return 'sprayerEvents';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Link::to('sprayers', 'sprayer_id', 'sprayer', 'sprayer'),
            Plain::needed('kind', new Word([SprayerMemory::FILLED, SprayerMemory::WASHED, SprayerMemory::EMPTIED, SprayerMemory::WEED_KILLER], Say::it('records/sprayer-events.event-of-sprayer'))),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
            Link::maybe('runs', 'run_id', 'run', 'walk'),
            Plain::needed('happened_at', Moment::past($this->clock)),
        ];
    }
}
