<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Batch\Rescue;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\WayOutWords;

/** What went wrong in the loads of a batch, and what was done about it. */
final readonly class BatchSlips
{
    public function __construct(private BatchBook $book, private WayOutWords $words) {}

    /**
     * Keeps a slip and the way out that was taken, in amounts; the same load again replaces it.
     *
     * @throws InvalidDocument when that way out does not hold here
     */
    public function keep(Batch $batch, int $number, Node $said, RemedyKind $kind): void
    {
        $record = $this->book->record($batch);
        $load = $record->load($number);
        $slips = SlipReader::read($said, $load);
        $remedy = self::remedy(WayOut::of($record->atHand($number), $record->limits)->remedies($load, $slips), $kind);
        $rescue = Rescue::by($remedy, $slips, $said->json(), $this->words->remedy($remedy, $load, $record->unit));
        $all = (array) json_decode($batch->rescues, false, 64, \JSON_THROW_ON_ERROR);
        $all[$number] = ['load' => $number, ...HistoryWriter::rescue($rescue)];
        $batch->update(['rescues' => json_encode((object) $all, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE)]);
    }

    /** @param list<Remedy> $remedies */
    private static function remedy(array $remedies, RemedyKind $kind): Remedy
    {
        foreach ($remedies as $remedy) {
            if ($remedy->kind === $kind) {
                return $remedy;
            }
        }

        throw InvalidDocument::because('/remedy', '{found} is no way out here: it would overfill, or not end within the limits.', $kind->value);
    }
}
