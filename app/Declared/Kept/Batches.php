<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Link;
use App\Declared\Part;
use App\Declared\Plain;
use App\Declared\RecipeOfBatch;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Moment;
use App\Declared\Values\Number;
use App\Declared\Values\Text;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Batch\BatchReader;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\MadeReader;
use IdleMixer\Core\Batch\Moments;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;
use Psr\Clock\ClockInterface;

/** One real mixing: what it was started from, frozen, and what was done with it. */
final class Batches extends Record
{
    private const MOST_ML = 1e10;

    private const MOST_HOURS = 24.0 * InputLines::LONGEST_DAYS['value'];

    public function __construct(ClockInterface $clock, private readonly BatchReader $reader)
    {
        parent::__construct($clock);
    }

    public function table(): string
    {
        return 'batches';
    }

    public function list(): string
    {
        return 'batches';
    }

    public function isCorrected(): bool
    {
        return true;
    }

    public function parts(): array
    {
        return [
            'items' => new Part(BatchItems::class, 'batch_id', ['id'], InputLines::MOST_ROWS['value']),
            'steps' => new Part(BatchSteps::class, 'batch_id', ['load', 'number', 'id'], InputLines::MOST_ROWS['value']),
            'glasses' => new Part(StandTests::class, 'batch_id', ['tested_at', 'submission'], InputLines::MOST_ROWS['value']),
        ];
    }

    /** @throws InvalidDocument when it is nothing that a batch was started from */
    private function frozen(Node $node): void
    {
        $this->reader->read($node);
    }

    /** @throws InvalidDocument */
    private static function rescued(Node $node): void
    {
        $all = $node->open();
        foreach ($all->keys() as $load) {
            $one = $all->get($load)->object(['version', 'taken']);
            $one->get('version')->whole(1, \PHP_INT_MAX);
            $one->get('taken')->raw();
        }
    }

    /** @throws InvalidDocument where one has not even its name; what it says is read against what the batch was started from */
    private static function lines(Node $node): void
    {
        foreach ($node->items(0, InputLines::MOST_GLASSES['value'], 'lines') as $one) {
            $one->open()->get('id')->text(InputLines::LONGEST_ID['value'], 1);
        }
    }

    /** @throws InvalidDocument */
    private static function mixed(Node $node): void
    {
        foreach ($node->items(0, InputLines::MOST_LOADS['value'], Say::it('batch/history-reader.loads')) as $one) {
            Moments::read($one);
        }
    }

    /** @throws InvalidDocument when it is nothing that is in a batch */
    private static function made(Node $node): void
    {
        MadeReader::read($node);
    }

    protected function declared(): array
    {
        return [
            ...$this->submitted(),
            new RecipeOfBatch(),
            Link::maybe('sprayers', 'sprayer_id', 'sprayer', 'sprayer'),
            Link::maybe('plants', 'plant_id', 'plant', 'plant'),
            Link::ahead('cases', 'case_id', 'case', 'case'),
            Link::maybe('courses', 'course_id', 'course', 'course'),
            Link::ahead('batches', 'stock_batch_id', 'jar', 'jar'),
            Plain::needed('name', Text::line(RecipeReader::MAX_NAME, 1)),
            Plain::needed('document', new Json($this->frozen(...), ['$ref' => 'batch.schema.json'])),
            Plain::needed('make_ml', Number::positive(self::MOST_ML)),
            Plain::needed('first_look_hours', Number::upTo(self::MOST_HOURS)),
            Plain::needed('fair_look_hours', Number::upTo(self::MOST_HOURS)),
            Plain::maybe('repeat_days', new Whole(1, InputLines::LONGEST_DAYS['value'])),
            Plain::usually('stand_test', Word::of(StandTest::class, Say::it('records/batches.stand-test-result')), StandTest::NotDone->value),
            Plain::usually('keeping', Word::of(Keeping::class, 'school'), Keeping::Strict->value),
            Plain::usually('notes', Text::notes(RecipeReader::MAX_NOTES), ''),
            Plain::needed('started_at', Moment::past($this->clock)),
            Plain::maybe('made_at', Moment::past($this->clock)),
            Plain::maybe('discard_at', Moment::any()),
            Plain::maybe('discarded_at', Moment::past($this->clock)),
            self::flag('used_up'),
            self::flag('for_leaf_test'),
            Plain::usually('rescues', new Json(self::rescued(...), ['type' => 'object']), '{}'),
            Plain::usually('lines', new Json(self::lines(...), ['type' => 'array']), '[]'),
            Plain::usually('mixed', new Json(self::mixed(...), ['type' => 'array', 'items' => ['type' => 'string', 'format' => 'date-time']]), '[]'),
            Plain::maybe('made', new Json(self::made(...), ['type' => 'object'])),
        ];
    }
}
