<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Course;
use App\Models\PestCase;
use DateTimeImmutable;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Shelf\Cost;

/** What was mixed cost, and what the rounds ahead will, by what the bottles of the shelf cost. */
final readonly class ShelfCosts
{
    public function __construct(private ShelfBook $shelf, private BatchBook $batches, private ShelfAhead $ahead, private GardenBook $garden) {}

    public function ahead(DateTimeImmutable $now): Cost
    {
        return Cost::of($this->ahead->fills($now), $this->cupboard());
    }

    /** @return array{Cost, list<array{PestCase|Course, Cost}>} of all that was mixed since the year began where the garden lies, and of each case and course, dearest first */
    public function year(DateTimeImmutable $now): array
    {
        $days = PlaceDays::from($now, $this->garden->zone());
        $mixed = $about = $by = [];
        foreach (Batch::query()->with(['case.plant', 'course'])->whereNotNull('made_at')->where('made_at', '>=', $days->at($days->newYear($now), 0))->orderBy('id')->get() as $batch) {
            $mixed[] = $poured = $this->poured($batch);
            $for = $batch->case ?? $batch->course;
            if ($for !== null) {
                $about[$for::class . $for->id] = $for;
                $by[$for::class . $for->id][] = $poured;
            }
        }
        $cupboard = $this->cupboard();
        $each = array_map(static fn(PestCase|Course $for): array => [$for, Cost::of($by[$for::class . $for->id], $cupboard)], array_values($about));
        usort($each, static fn(array $a, array $b): int => $b[1]->money <=> $a[1]->money);

        return [Cost::of($mixed, $cupboard), $each];
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
