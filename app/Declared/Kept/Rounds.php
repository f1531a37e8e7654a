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
use App\Declared\Values\Word;
use App\Declared\Within;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Bought\Holds;
use IdleMixer\Core\Data\BoughtLines;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;

/** One application of a batch to a case, or of something that was bought or set out. */
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

    public function check(Node $entry, array $columns): void
    {
        $bought = array_filter([$columns['bought_kind'] ?? null, $columns['bought_name'] ?? null], static fn(bool|float|int|string|null $one): bool => $one !== null);
        if (($columns['batch_id'] ?? null) === null ? count($bought) !== 2 : $bought !== []) {
            throw $entry->fault(Say::it('records/rounds.batch-or-bought'));
        }
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new Within('case_id', 'cases'),
            Link::maybe('batches', 'batch_id', 'batch', 'batch'),
            Plain::maybe('bought_kind', Word::of(BoughtKind::class, Say::it('records/rounds.kind-of-bought'))),
            Plain::maybe('bought_name', Text::line(BoughtLines::LONGEST_NAME['value'], 1)),
            Plain::maybe('bought_holds', Word::of(Holds::class, Say::it('records/rounds.what-it-holds'))),
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
