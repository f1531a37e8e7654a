<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use IdleMixer\Core\Batch\AsTicked;
use IdleMixer\Core\Batch\HistoryWriter;
use IdleMixer\Core\Batch\Rescue;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\WayOut\Remedy;
use IdleMixer\Core\WayOut\RemedyKind;
use IdleMixer\Core\WayOut\SlipReader;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Words\Say;

/** What went wrong in the loads of a batch, and what was done about it. */
final readonly class BatchSlips
{
    public function __construct(private BatchBook $book, private WayOutWords $words, private ToleranceCatalogue $kinds) {}

    /**
     * Keeps a slip and the way out that was taken, in amounts; the same load again replaces it.
     *
     * @param int $basedOn the version of the batch that was on the screen
     *
     * @throws InvalidDocument when that way out does not hold here
     * @throws TwoVersions     when another way out was taken for this load since
     */
    public function keep(Batch $batch, int $basedOn, int $number, Node $said, RemedyKind $kind): void
    {
        $record = $this->book->record($batch);
        $load = $record->load($number);
        $slips = AsTicked::of(SlipReader::read($said, $load), $this->book->history($batch, $record), $number, $load)->slips;
        $remedy = self::remedy(WayOut::of($record->atHand($number), $record->limits, $this->kinds->emptyBed())->remedies($load, $slips), $kind);
        $rescue = Rescue::by($remedy, $slips, $said->json(), $this->words->remedy($remedy, $load, $record->unit));
        $taken = ['load' => $number, ...HistoryWriter::rescue($rescue)];
        $all = BatchBook::rescued($batch);
        $here = $all[$number] ?? null;
        if ($here !== null && self::same($here['taken'], $taken)) {
            return;
        }
        // Another load of the same batch stands in nobody's way.
        if ($here !== null && $here['version'] > $basedOn) {
            throw TwoVersions::changedMeanwhile($batch, []);
        }
        $all[$number] = ['version' => $batch->version + 1, 'taken' => $taken];
        $batch->update(['version' => $batch->version + 1, 'rescues' => json_encode((object) $all, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION | \JSON_UNESCAPED_UNICODE)]);
    }

    /** @param array<string, mixed> $taken */
    private static function same(\stdClass $here, array $taken): bool
    {
        return json_encode($here, \JSON_THROW_ON_ERROR) === json_encode($taken, \JSON_THROW_ON_ERROR);
    }

    /** @param list<Remedy> $remedies */
    private static function remedy(array $remedies, RemedyKind $kind): Remedy
    {
        foreach ($remedies as $remedy) {
            if ($remedy->kind === $kind) {
                return $remedy;
            }
        }

        throw InvalidDocument::because('/remedy', Say::it('records/batch-slips.no-way-out-here-would'), $kind->value);
    }
}
