<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;

/** What is said of a batch once it is mixed. */
final readonly class FinishInput
{
    private const RESTS = ['kept', 'used-up', 'poured-away'];

    public function __construct(
        public StandTest $standTest,
        public Keeping $keeping,
        public DateTimeImmutable $madeAt,
        public string $notes,
        /** What became of what was mixed: kept, used-up or poured-away. */
        public string $rest,
        /** Up to which load it is mixed, from 1; null where all are. */
        public ?int $load,
    ) {}

    /**
     * @param DateTimeImmutable|null $madeBefore when it was made, where it was only opened again
     * @param int                    $loads      that there are
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function read(Node $node, DateTimeImmutable $now, ?DateTimeImmutable $madeBefore, int $loads): self
    {
        $object = $node->object(['standTest', 'keeping', 'madeAt', 'notes', 'rest', 'load']);

        return new self(
            StandTest::from($object->get('standTest')->word(array_column(StandTest::cases(), 'value'), Say::it('input/finish-input.stand-test-result'))),
            Keeping::from($object->optional('keeping')?->word(array_column(Keeping::cases(), 'value'), 'school') ?? Keeping::Strict->value),
            $object->optional('madeAt') === null ? $madeBefore ?? $now : Moment::past($object->get('madeAt'), $now),
            $object->optional('notes')?->text(RecipeReader::MAX_NOTES) ?? '',
            $object->optional('rest')?->word(self::RESTS, Say::it('input/finish-input.what-became-of-rest')) ?? 'kept',
            $object->optional('load')?->whole(1, $loads),
        );
    }
}
