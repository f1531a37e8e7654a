<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\Plant;
use App\Records\BatchBook;
use App\Records\Gates;
use App\Records\Lefts;
use App\Records\Whoms;
use DateTimeImmutable;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\RestWords;
use IdleMixer\Core\Wording\Sentences;

/** Tells what is left of a batch, until when it is good, on which plants it may still go, and where it may be poured. */
final readonly class RestAnswers
{
    public function __construct(private BatchBook $book, private RestWords $words, private Gates $gates, private Whoms $whoms, private Sentences $sentences) {}

    public function of(Batch $batch, DateTimeImmutable $now): RestAnswer
    {
        $record = $this->book->record($batch);
        $mixture = $this->book->planned($record);
        $spray = $this->gates->spray($batch, $now);
        $left = Lefts::of($batch, $record);

        return new RestAnswer(
            $left,
            Measures::volume($left, $record->unit),
            Instant::maybe($batch->discard_at),
            $this->words->where($mixture),
            array_map(fn(Plant $plant): RestPlantAnswer => $this->plant($plant, $spray, $now), array_values(Plant::query()->whereNull('retired_at')->orderBy('name')->get()->all())),
        );
    }

    private function plant(Plant $plant, SprayNow $spray, DateTimeImmutable $now): RestPlantAnswer
    {
        $answer = $this->gates->of($this->whoms->of($plant, $now), $spray);
        $worst = $answer->reasons()[0] ?? null;

        return new RestPlantAnswer($plant->id, $plant->name, $answer->level()->value, $worst === null ? '' : $this->sentences->verdict($worst), array_map(static fn(Verdict $one): string => $one->code, $answer->reasons()), $plant->submission, $plant->version, PlantCalendar::isDry($plant->dry_on, $now));
    }
}
