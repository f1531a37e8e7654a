<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Leaf\EyeCorrection;
use IdleMixer\Core\Leaf\MeanwhileWeather;
use IdleMixer\Core\Leaf\ReadingReader;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Leaf\WrittenLeaf;
use IdleMixer\Core\Words\Say;

/** One look at the test leaves, each leaf by itself. */
final readonly class ReadingInput
{
    private const LONGEST_NOTE = 1000;

    /**
     * @param list<WrittenLeaf>      $leaves
     * @param list<MeanwhileWeather> $weather
     */
    public function __construct(
        public Sent $sent,
        public DateTimeImmutable $readAt,
        public array $leaves,
        public array $weather,
        public string $notes,
        /** Whether what was judged by eye is to be corrected by how that eye reads. */
        public bool $correctedByEye,
    ) {}

    /** @return array<string, mixed> as the notebook keeps it */
    public function columns(?EyeCorrection $eye): array
    {
        $leaves = $eye === null || ! $this->correctedByEye ? $this->leaves : array_map($eye->of(...), $this->leaves);

        return [
            'read_at' => $this->readAt,
            'leaves' => json_encode(array_map(static fn(WrittenLeaf $leaf): array => $leaf->write(), $leaves), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
            'weather' => implode(' ', array_map(static fn(MeanwhileWeather $one): string => $one->value, $this->weather)),
            'notes' => $this->notes,
        ];
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, TestLeaves $test, DateTimeImmutable $appliedAt, DateTimeImmutable $now, bool $correcting = false): self
    {
        $sent = Sent::opened($node, ['readAt', 'leaves', 'weather', 'notes', 'correctedByEye'], $correcting);
        $object = $sent->object;
        $readAt = Moment::past($object->optional('readAt'), $now);
        if ($readAt < $appliedAt) {
            throw ($object->optional('readAt') ?? $node)->fault(Say::it('input/reading-input.leaves-cannot-be-looked-at'));
        }
        $codes = array_column(MeanwhileWeather::cases(), 'value');

        return new self(
            $sent,
            $readAt,
            ReadingReader::read($object->get('leaves'), $test),
            array_map(static fn(Node $one): MeanwhileWeather => MeanwhileWeather::from($one->word($codes, 'weather')), $object->optional('weather')?->items(0, count($codes), Say::it('input/reading-input.words-of-weather')) ?? []),
            $object->optional('notes')?->text(self::LONGEST_NOTE) ?? '',
            $object->optional('correctedByEye')?->flag() ?? false,
        );
    }
}
