<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Batch\MadeWriter;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Work\StandTest;

/** Closes the mixing of a batch: what was really scooped, how the glass looked, and how long it keeps. */
final readonly class BatchFinisher
{
    public function __construct(private BatchBook $book) {}

    /**
     * The second of two taps finds it finished already, and changes nothing.
     *
     * @throws TwoVersions when it is finished, and was told otherwise
     */
    public function finish(Batch $batch, StandTest $standTest, Keeping $keeping, DateTimeImmutable $madeAt, string $notes): void
    {
        if ($batch->made_at !== null) {
            $said = ['stand_test' => $standTest->value, 'keeping' => $keeping->value, 'notes' => $notes];
            if ($said !== $batch->only(array_keys($said))) {
                throw TwoVersions::finishedMeanwhile($batch, $said);
            }

            return;
        }
        $record = $this->book->record($batch);
        $batch->load('items.scoops.ticks', 'standTests');
        $made = MadeWriter::record(Made::of($record, $this->book->history($batch, $record)));
        $batch->update([
            'version' => $batch->version + 1,
            'made' => json_encode(MadeWriter::write($made), \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR),
            'stand_test' => $standTest->value,
            'keeping' => $keeping->value,
            'notes' => $notes,
            'made_at' => $madeAt,
            'discard_at' => self::discardAt($record, $keeping, $madeAt, $batch->for_leaf_test),
        ]);
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

    public static function discardAt(BatchRecord $record, Keeping $keeping, DateTimeImmutable $madeAt, bool $forLeafTest): DateTimeImmutable
    {
        // What is left of a cup has done its work once the leaves are wet.
        $hours = $forLeafTest ? min(LeafLines::CUP_KEEPS['value'], $keeping->hours($record->holding)) : $keeping->hours($record->holding);
        $seconds = (int) round(3600.0 * $hours);

        return $madeAt->modify("+{$seconds} seconds");
    }
}
