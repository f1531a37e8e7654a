<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Course;
use App\Models\PestCase;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Shelf\Cost;

/** What was mixed cost, and what the rounds ahead will, by what the bottles of the shelf cost. */
final readonly class ShelfCosts
{
    public function __construct(private ShelfBook $shelf, private BatchBook $batches, private ShelfAhead $ahead, private GardenBook $garden) {}

    /** Of all that was mixed since the year began where the garden lies. */
    public function season(DateTimeImmutable $now): Cost
    {
        return $this->of($this->mixed($this->newYear($now)));
    }

    public function ahead(DateTimeImmutable $now): Cost
    {
        return Cost::of($this->ahead->fills($now), $this->cupboard());
    }

    /** @return list<array{PestCase|Course, Cost}> of each for which something was mixed since then, dearest first */
    public function each(DateTimeImmutable $now): array
    {
        $by = $about = [];
        foreach ($this->mixed($this->newYear($now)) as $batch) {
            $for = $batch->case ?? $batch->course;
            if ($for !== null) {
                $key = $for::class . $for->id;
                $about[$key] = $for;
                $by[$key][] = $batch;
            }
        }
        $all = array_map(fn(string $key): array => [$about[$key], $this->of($by[$key])], array_keys($by));
        usort($all, static fn(array $a, array $b): int => $b[1]->money <=> $a[1]->money);

        return $all;
    }

    private function newYear(DateTimeImmutable $now): DateTimeImmutable
    {
        $zone = $this->garden->place()->zone ?? new DateTimeZone('UTC');

        return new DateTimeImmutable($now->setTimezone($zone)->format('Y-01-01'), $zone);
    }

    /** @return list<Batch> */
    private function mixed(DateTimeImmutable $since): array
    {
        return array_values(Batch::query()->with(['case.plant', 'course'])->whereNotNull('made_at')->where('made_at', '>=', $since)->orderBy('id')->get()->all());
    }

    /** @param list<Batch> $batches */
    private function of(array $batches): Cost
    {
        return Cost::of(array_map($this->poured(...), $batches), $this->cupboard());
    }

    /** So much of finished spray as was planned, of what came from bottles: a jar of stock was paid when it was mixed. */
    private function poured(Batch $batch): Mixture
    {
        $parts = array_column($this->batches->fromBottles($batch), 0);
        $litres = $this->batches->planned($this->batches->record($batch))->finished();

        return new Mixture(max(0.0, $litres - (new Mixture(0.0, $parts, []))->room()), $parts, []);
    }

    private function cupboard(): Cupboard
    {
        return $this->shelf->cupboard() ?? new Cupboard([]);
    }
}
