<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Sprayer;
use App\Models\SprayerEvent;
use DateTimeImmutable;
use IdleMixer\Core\Vessel\SprayerMemory;

/** What each sprayer remembers: the batches that were mixed in it, and what was said of it since. */
final class SprayerMemories
{
    public static function of(Sprayer $sprayer): SprayerMemory
    {
        /** @var list<array{DateTimeImmutable, string, string}> $events */
        $events = [];
        foreach (Batch::query()->where('sprayer_id', $sprayer->id)->where('for_leaf_test', false)->get(['id', 'name', 'started_at', 'made_at', 'discarded_at']) as $batch) {
            $events[] = [$batch->made_at ?? $batch->started_at, SprayerMemory::FILLED, $batch->name];
            if ($batch->discarded_at !== null) {
                $events[] = [$batch->discarded_at, SprayerMemory::EMPTIED, ''];
            }
        }
        foreach (SprayerEvent::query()->where('sprayer_id', $sprayer->id)->get() as $event) {
            $events[] = [$event->happened_at, $event->kind, ''];
        }
        usort($events, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return SprayerMemory::of(array_map(static fn(array $one): array => ['kind' => $one[1], 'spray' => $one[2]], $events));
    }

    /** Said of a sprayer, now or by a tap in the bed. */
    public static function happened(Submitted $submitted, Sprayer $sprayer, string $kind, string $notes, DateTimeImmutable $at): SprayerEvent
    {
        return Submissions::of(SprayerEvent::query(), $submitted, ['sprayer_id' => $sprayer->id, 'kind' => $kind, 'notes' => $notes, 'happened_at' => $at])[0];
    }
}
