<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Round;
use DateTimeZone;
use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Facts;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Weather\KeptWeather;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\StandTest;

/** What else was known of a round when it was sprayed: yes or no, and left out where nobody knows. */
final readonly class RoundFacts
{
    private const MINUTE = 60.0;

    public function __construct(private BatchBook $book, private GardenBook $garden) {}

    /** @return array<string, bool> by value of Fact */
    public function of(Round $round): array
    {
        $batch = $round->batch;
        $record = $batch === null ? null : $this->book->record($batch);

        return Facts::of(
            $round->hand_work,
            StandTest::from($batch->stand_test ?? StandTest::NotDone->value),
            $record?->water->hardness,
            $record?->order,
            (int) $round->sprayed_at->setTimezone($this->garden->place()->zone ?? new DateTimeZone('UTC'))->format('G'),
            KeptWeather::kept($round->weather ?? '')?->celsius,
            $batch === null || $record === null ? null : self::asPlanned($batch, array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads)),
            $round->litres,
        );
    }

    /** What the round took of the walk that it was part of, shared among its plants; null where it was part of none. */
    public function minutes(Round $round): ?float
    {
        $run = $round->run;

        return $run === null || $run->finished_at === null ? null : ($run->finished_at->getTimestamp() - $run->started_at->getTimestamp()) / self::MINUTE / max(1, $run->plants->count());
    }

    /** @param list<Mixture> $planned */
    private static function asPlanned(Batch $batch, array $planned): ?bool
    {
        $made = BatchBook::made($batch);

        return $made === null || ! $made->sure ? null : $made->composition->isAlike(Composition::of([AsMade::together($planned)]), EvidenceLines::ALIKE['value']);
    }
}
