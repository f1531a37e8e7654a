<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use Psr\Clock\ClockInterface;

/** Two sprays side by side, drawn by lot. */
final class Trials extends Record
{
    public function __construct(ClockInterface $clock, private readonly TroubleCatalogue $troubles)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'trials';
    }

    public function list(): string
    {
        return 'trials';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    public function parts(): array
    {
        return [
            'looks' => new Part(TrialLooks::class, 'trial_id', ['counted_at', 'submission'], InputLines::MOST_ROWS['value'], required: true, joins: true),
        ];
    }

    public function check(Node $entry, array $columns): void
    {
        $units = $columns['units'] ?? 0;
        $looks = $entry->optional('looks')?->items(0, InputLines::MOST_ROWS['value'], 'looks') ?? [];
        foreach ($looks as $look) {
            $look->open()->get('counts')->items((int) $units, (int) $units, 'counts');
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Plain::needed('pest', new Word($this->troubles->pestSlugs(), 'pest', open: true)),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('one', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('other', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('unit', new Word(['leaf', 'plant'], 'unit')),
            Plain::needed('units', new Whole(EvidenceLines::FEWEST_UNITS['value'], InputLines::MOST_SPOTS['value'])),
            Plain::needed('seed', new Whole(0)),
            self::flag('blind'),
            Plain::needed('begun_at', Moment::past($this->clock)),
            Plain::maybe('sprayed_at', Moment::past($this->clock)),
            Plain::maybe('ended_at', Moment::past($this->clock)),
            Plain::usually('conclusion', Text::notes(RecipeReader::MAX_NOTES), ''),
        ];
    }
}
