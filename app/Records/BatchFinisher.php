<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\Lasting;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Batch\MadeWriter;
use IdleMixer\Core\Batch\Moments;
use IdleMixer\Core\Schedule\ShelfLife;
use IdleMixer\Core\Work\StandTest;

/** Closes the mixing of a batch: what was really scooped, how the glass looked, and how long it keeps. */
final readonly class BatchFinisher
{
    public function __construct(private BatchBook $book, private ShelfLife $keeps) {}

    /**
     * The second of two taps finds it finished already, and changes nothing.
     *
     * @param int|null $load up to which it is mixed, from 1; null where all are
     *
     * @throws TwoVersions when it is finished, and was told otherwise
     */
    public function finish(Batch $batch, StandTest $standTest, Keeping $keeping, DateTimeImmutable $madeAt, string $notes, ?int $load = null): void
    {
        $record = $this->book->record($batch);
        $mixed = BatchBook::mixed($batch, $record);
        $upTo = $load ?? count($record->loads);
        if (count($mixed) >= $upTo) {
            $said = ['stand_test' => $standTest->value, 'keeping' => $keeping->value, 'notes' => $notes];
            if ($said !== $batch->only(array_keys($said))) {
                throw TwoVersions::finishedMeanwhile($batch, $said);
            }

            return;
        }
        $batch->fill([
            'version' => $batch->version + 1,
            'stand_test' => $standTest->value,
            'keeping' => $keeping->value,
            'notes' => $notes,
            'made_at' => $madeAt,
            'mixed' => self::json(array_map(Moments::written(...), [...$mixed, ...array_fill(0, $upTo - count($mixed), $madeAt)])),
        ]);
        $batch->fill($this->reckoned($batch, $record))->save();
    }

    /**
     * What is in it and until when it keeps, by all that was written down of it.
     *
     * @return array{made: string|null, discard_at: DateTimeImmutable|null}
     */
    public function reckoned(Batch $batch, BatchRecord $record): array
    {
        $batch->load('items.scoops.ticks', 'standTests', 'steps');

        return $batch->made_at === null ? ['made' => null, 'discard_at' => null] : [
            'made' => self::json(MadeWriter::write(MadeWriter::record(Made::of($record, $this->book->history($batch, $record))))),
            'discard_at' => $this->discardAt($batch, $record, Keeping::from($batch->keeping), $batch->made_at),
        ];
    }

    public function discardAt(Batch $batch, BatchRecord $record, Keeping $keeping, DateTimeImmutable $madeAt): DateTimeImmutable
    {
        return Lasting::until($record, BatchBook::lines($batch, $record), $keeping, $madeAt, $batch->for_leaf_test, $this->keeps);
    }

    /** When each load was mixed, where the last of them was mixed at another time than was said. */
    public static function mixedAt(Batch $batch, BatchRecord $record, DateTimeImmutable $madeAt): string
    {
        $all = array_map(Moments::written(...), BatchBook::mixed($batch, $record));
        $last = $all === [] ? null : max($all);

        return self::json(array_map(static fn(string $at): string => $at === $last ? Moments::written($madeAt) : $at, $all));
    }

    /** @param array<array-key, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
    }

    /** When a batch that was opened again was made; null for one that never was. */
    public function madeBefore(Batch $batch): ?DateTimeImmutable
    {
        foreach (Corrections::of($batch)->reverse() as $revision) {
            $made = Corrections::before($revision)['made_at'] ?? null;
            if ($revision->what === 'reopened' && is_string($made)) {
                return new DateTimeImmutable($made, new DateTimeZone('UTC'));
            }
        }

        return null;
    }
}
