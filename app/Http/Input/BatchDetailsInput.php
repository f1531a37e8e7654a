<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Models\Batch;
use DateTimeImmutable;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** What is corrected of a batch that is made: when, by which school it is kept, how its glass looked, what was odd. */
final readonly class BatchDetailsInput
{
    private function __construct(public int $basedOn, public DateTimeImmutable $madeAt, public Keeping $keeping, public StandTest $standTest, public string $notes) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, Batch $batch, DateTimeImmutable $now): self
    {
        $sent = Sent::toChange($node, ['madeAt', 'keeping', 'standTest', 'notes']);
        $object = $sent->object;
        if ($batch->made_at === null) {
            throw InvalidDocument::because('', Say::it('input/batch-details-input.this-batch-still-being-mixed'), null);
        }

        return new self(
            $sent->basedOn,
            Moment::past($object->get('madeAt'), $now),
            Keeping::from($object->get('keeping')->word(array_column(Keeping::cases(), 'value'), 'school')),
            StandTest::from($object->get('standTest')->word(array_column(StandTest::cases(), 'value'), Say::it('input/batch-details-input.stand-test-result'))),
            $object->get('notes')->text(RecipeReader::MAX_NOTES),
        );
    }
}
