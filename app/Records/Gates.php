<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Plant;
use App\Models\Sprayer;
use App\Models\SprayerEvent;
use DateTimeImmutable;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Gate\BottleNow;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Vessel\SprayerMemory;
use IdleMixer\Core\Work\StandTest;

/** Asks the gate whether what stands mixed may go on a plant of the notebook. */
final readonly class Gates
{
    public function __construct(private Gate $gate, private Whoms $whoms, private BatchBook $book, private RecipeCatalogue $shipped, private RecipeShelf $shelf, private ToleranceCatalogue $classes, private BatchFinisher $finisher) {}

    /** @param int|null $but a round that is left out, because it is the one that is asked about */
    public function ofBatch(Plant $plant, Batch $batch, DateTimeImmutable $now, ?int $but = null): Answer
    {
        return $this->of($this->whoms->of($plant, $now, $but), $this->spray($batch, $now));
    }

    public function of(Whom $whom, SprayNow $spray): Answer
    {
        return $this->gate->answer(Question::for($spray, $whom, $this->classes));
    }

    /** What stands mixed, as it was really measured; what was planned, where nobody ticked. */
    public function spray(Batch $batch, DateTimeImmutable $now): SprayNow
    {
        $record = $this->book->record($batch);
        $planned = $this->book->planned($record);
        $meant = Composition::of([$planned]);
        $made = $this->book->judged($batch);
        $practice = $this->shipped->has($record->slug) ? $this->shipped->practice($record->slug) : null;

        return new SprayNow(
            $record->target->use,
            $made === null ? Strengths::of($planned) : Strengths::ofComposition($made),
            $made ?? $meant,
            $practice,
            $record->factor,
            $planned->bottleOf(Substance::Peroxide),
            BottleNow::since($batch->made_at, $batch->discard_at, $now, $made !== null, $batch->discarded_at !== null || $batch->used_up, StandTest::from($batch->stand_test), $batch->submission, self::hadWeedKiller($batch->sprayer), $record->water->temperature?->celsius(), $batch->made_at === null || $batch->keeping === Keeping::Strict->value ? null : $this->finisher->discardAt($batch, $record, Keeping::Strict, $batch->made_at)),
            $this->shelf->method($batch->recipeVersion)->isRinsedNextDay(),
            $planned->grades(),
        );
    }

    /** The same, mixed once more as it was planned. */
    public function again(Batch $batch): SprayNow
    {
        $record = $this->book->record($batch);

        return SprayNow::of($this->book->planned($record), $record->target->use, $this->shipped->has($record->slug) ? $this->shipped->practice($record->slug) : null, $record->factor);
    }

    private static function hadWeedKiller(?Sprayer $sprayer): bool
    {
        return $sprayer !== null && SprayerEvent::query()->where('sprayer_id', $sprayer->id)->where('kind', SprayerMemory::WEED_KILLER)->exists();
    }
}
