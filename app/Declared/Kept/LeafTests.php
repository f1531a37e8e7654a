<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Flag;
use App\Declared\Values\Moment;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Leaf\LeafShape;
use IdleMixer\Core\Words\Say;

/** Some leaves wetted with a batch, to see whether they burn. */
final class LeafTests extends Record
{
    private const LONGEST = 200;

    private const LONGEST_MARKS = 1_000;

    private const LONGEST_WAIT = 24 * 30;

    public function table(): string
    {
        return 'leaf_tests';
    }

    public function list(): string
    {
        return 'leafTests';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    public function parts(): array
    {
        return [
            'readings' => new Part(LeafReadings::class, 'leaf_test_id', ['read_at', 'submission'], InputLines::MOST_ROWS['value'], required: true, joins: true),
        ];
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            Link::to('batches', 'batch_id', 'batch', 'batch'),
            Link::to('plants', 'plant_id', 'plant', 'plant'),
            Plain::needed('leaves', new Whole(1, LeafLines::MOST_LEAVES['value'])),
            Plain::needed('rungs', Text::shaped('^[0-9.]+( [0-9.]+)*$', self::LONGEST, Say::it('records/leaf-tests.are-no-strengths-numbers-apart'))),
            Plain::needed('controls', new Flag()),
            Plain::needed('shape', Word::of(LeafShape::class, Say::it('records/leaf-tests.shape-of-leaf'))),
            Plain::usually('marks', Text::notes(self::LONGEST_MARKS), ''),
            Plain::needed('wait_hours', new Whole(1, self::LONGEST_WAIT)),
            Plain::needed('applied_at', Moment::past($this->clock)),
        ];
    }
}
