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
use IdleMixer\Core\Mix\Part;
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

    /** What a jar of stock holds was paid when the jar was mixed. */
    private function poured(Batch $batch): Mixture
    {
        $mixture = $this->batches->planned($this->batches->record($batch));

        if ($batch->stock_batch_id === null) {
            return $mixture;
        }
        $rest = new Mixture(0.0, array_values(array_filter($mixture->parts, static fn(Part $part): bool => $part->pour === null)), []);

        return new Mixture($mixture->finished() - $rest->room(), $rest->parts, []);
    }

    private function cupboard(): Cupboard
    {
        return $this->shelf->cupboard() ?? new Cupboard([]);
    }
}
