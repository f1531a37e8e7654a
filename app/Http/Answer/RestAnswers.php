<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\Plant;
use App\Models\Round;
use App\Records\BatchBook;
use App\Records\Proofs;
use DateTimeImmutable;
use IdleMixer\Core\Batch\SprayCheck;
use IdleMixer\Core\Choice\PlantState;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\RestWords;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Writing\VerdictWriter;

/** Tells what is left of a batch, until when it is good, on which plants it may still go, and where it may be poured. */
final readonly class RestAnswers
{
    private const ML_PER_LITRE = 1000.0;

    public function __construct(private BatchBook $book, private RestWords $words, private Limits $limits, private ToleranceCatalogue $tolerance, private VerdictWriter $verdicts) {}

    public function of(Batch $batch, DateTimeImmutable $now): RestAnswer
    {
        $record = $this->book->record($batch);
        $mixture = AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads));
        $used = Round::query()->where('batch_id', $batch->id)->whereNotNull('litres')->sum('litres');
        $left = $batch->discarded_at !== null ? 0.0 : max(0.0, $batch->make_ml - self::ML_PER_LITRE * (is_numeric($used) ? (float) $used : 0.0));

        return new RestAnswer(
            $left,
            Measures::volume($left, $record->unit),
            Instant::maybe($batch->discard_at),
            $this->words->where($mixture),
            array_map(fn(Plant $plant): RestPlantAnswer => $this->plant($plant, $batch, $mixture, $now), array_values(Plant::query()->whereNull('retired_at')->orderBy('name')->get()->all())),
        );
    }

    private function plant(Plant $plant, Batch $batch, Mixture $mixture, DateTimeImmutable $now): RestPlantAnswer
    {
        $record = $this->book->record($batch);
        $kind = (new PlantState($plant->name, $this->tolerance->get($plant->tolerance), $plant->bears_no_oil))->asItStands($this->tolerance);
        $target = Target::of($record->target->use, $kind);
        $inFlower = PlantCalendar::isInBloom($plant->bloom_from, $plant->bloom_until, $now);
        $found = [
            ...(new Judge($this->limits))->verdicts(Strengths::of($mixture), $target, new Circumstances($record->circumstances->season, null, $inFlower)),
            ...SprayCheck::verdicts(BatchBook::state($batch), $target, BatchBook::composition($batch), Proofs::of($plant, $now), $now),
        ];
        $worst = array_reduce($found, static fn(?Verdict $worst, Verdict $one): Verdict => $worst === null || $one->level->isWorseThan($worst->level) ? $one : $worst);

        return new RestPlantAnswer($plant->id, $plant->name, ($worst->level ?? Level::Ok)->value, $worst === null ? '' : $this->verdicts->write($worst)->because);
    }
}
