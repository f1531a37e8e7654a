<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\BatchScoop;
use App\Models\BatchStep;
use App\Models\BatchTick;
use App\Models\LeafTest;
use App\Models\Sprayer;
use App\Records\BatchBook;
use App\Records\Bottles;
use App\Records\Corrections;
use App\Records\Gates;
use App\Records\Jars;
use App\Records\Lefts;
use App\Records\Scoops;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BottleLine;
use IdleMixer\Core\Batch\BottleWords;
use IdleMixer\Core\Batch\Refill;
use IdleMixer\Core\Batch\Rescue;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Gate\Cautions;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\StandTest;
use IdleMixer\Core\Work\Steps;

/** Tells of a batch: in short for lists, and whole with its plan and tally. */
final readonly class BatchAnswers
{
    public const WITH = ['recipeVersion.recipe', 'plant', 'case.plant', 'sprayer', ...Bottles::WITH];

    public function __construct(private TroubleCatalogue $troubles, private BatchBook $book, private GlassAnswers $glasses, private Jars $jars, private Gates $gates, private GateAnswers $gate, private BottleAnswers $bottles, private BottleWords $words) {}

    public function brief(Batch $batch, DateTimeImmutable $now, ?BatchRecord $record = null, ?Answer $gate = null): BatchBriefAnswer
    {
        return new BatchBriefAnswer(
            $batch->id,
            $batch->submission,
            $batch->version,
            $batch->name,
            new BatchRecipeAnswer($batch->recipeVersion->recipe->slug, $batch->recipeVersion->number),
            $this->bottles->of($batch, $now, $record, $gate),
            Measures::metric($batch->make_ml),
            $batch->plant === null ? null : new RefAnswer($batch->plant->id, $batch->plant->submission, $batch->plant->name),
            $batch->case === null ? null : new RefAnswer($batch->case->id, $batch->case->submission, Say::it('answers/batch-answers.on', ['name' => $this->troubles->trouble($batch->case->pest)->name, 'name-2' => $batch->case->plant->name])),
            $batch->stand_test,
            StandTest::from($batch->stand_test)->words(),
            Instant::of($batch->started_at),
            Instant::maybe($batch->made_at),
            Instant::maybe($batch->discard_at),
            Instant::maybe($batch->discarded_at),
        );
    }

    public function whole(Batch $batch, DateTimeImmutable $now): BatchAnswer
    {
        $batch->loadMissing([...self::WITH, 'items.scoops.ticks', 'steps', 'leafTests', 'rounds', 'standTests', 'jar']);
        $record = $this->book->record($batch);
        $document = JsonText::kept($batch->document)->open();
        $rescues = $this->book->rescues($batch, $record);
        $gate = $this->asked($batch, $now);
        $jar = $this->jars->jar($batch, $record);
        $numbers = Scoops::numbers($record);

        return new BatchAnswer(
            $this->brief($batch, $now, $record, $gate),
            $batch->sprayer === null ? null : self::sprayer($batch->sprayer),
            new BatchWaterAnswer($record->water->hardness, $record->water->temperature?->celsius()),
            $record->circumstances->season->value ?? 'unknown',
            $batch->keeping,
            $batch->notes,
            $document->get('recipe')->raw(),
            $document->get('plan')->raw(),
            $batch->made === null ? null : JsonText::kept($batch->made)->raw(),
            array_values($batch->items->map(static fn(BatchItem $item): TallyItemAnswer => self::item($item, $record, $numbers))->all()),
            self::steps($batch),
            array_values($batch->leafTests->map(static fn(LeafTest $test): int => $test->id)->all()),
            $this->glasses->of($batch, $record),
            array_map(static fn(int $load, Rescue $rescue): SlipAnswer => new SlipAnswer($load, $rescue->kind->value, $rescue->title), array_keys($rescues), $rescues),
            self::labelCautions($document->get('plan')->open()),
            $batch->rounds->count(),
            Corrections::count($batch),
            $jar === null ? null : new BatchJarAnswer($jar->left(), Measures::metric($jar->left()), $jar->isEmpty()),
            $batch->jar === null ? null : new RefAnswer($batch->jar->id, $batch->jar->submission, $batch->jar->name),
            $batch->who,
            $gate === null ? null : $this->gate->of($gate),
            array_map(fn(BottleLine $line): BottleLineAnswer => new BottleLineAnswer($line->id, $line->kind->value, $this->words->line($line, $record->load($line->load), $record->unit), Instant::of($line->at)), BatchBook::lines($batch, $record)),
            array_map(static fn(Node $load): int => Steps::toMixed(array_map(static fn(Node $task): string => $task->open()->get('code')->text(InputLines::LONGEST_SLUG['value']), $load->open()->get('tasks')->items(0, InputLines::MOST_ROWS['value'], 'steps'))), $document->get('plan')->open()->get('loads')->items(1, InputLines::MOST_LOADS['value'], 'loads')),
            Lefts::of($batch, $record),
            $this->refill($batch, $record),
        );
    }

    /** @return list<RefillAnswer> */
    private function refill(Batch $batch, BatchRecord $record): array
    {
        $number = Bottles::of($batch, $record)->nextLoad();
        if ($number === null || $batch->discarded_at !== null) {
            return [];
        }
        $history = $this->book->history($batch, $record);
        $load = $history->taken($number, $record->load($number));
        $all = [];
        foreach (Refill::of($record, $history, $number) as $key => $plan) {
            $item = $load->items[$key];
            $all[] = new RefillAnswer($item->part->ingredient->slug ?? '', new AmountAnswer($plan->millilitres(), Unit::Millilitre->value), Measures::of($plan, $item->name()));
        }

        return $all;
    }

    /** Whether it may go on the plant that it was mixed for; null where none is meant. */
    private function asked(Batch $batch, DateTimeImmutable $now): ?Answer
    {
        $plant = $batch->case->plant ?? $batch->plant;

        return $plant === null ? null : $this->gates->ofBatch($plant, $batch, $now);
    }

    /** @return list<string> */
    private static function labelCautions(Node $plan): array
    {
        $all = array_map(static fn(Node $one): Node => $one->open(), $plan->get('cautions')->items(0, 100, 'cautions'));
        $forBottle = array_filter($all, static fn(Node $one): bool => Cautions::isForBottle($one->get('code')->text(100)));

        return array_values(array_map(static fn(Node $one): string => $one->get('text')->text(1000), $forBottle));
    }

    /** @return list<TickedStepAnswer> */
    public static function steps(Batch $batch): array
    {
        return array_values($batch->steps->map(static fn(BatchStep $step): TickedStepAnswer => new TickedStepAnswer($step->load, $step->number))->all());
    }

    /** @param int $number in the order of the plan */
    public static function scoop(BatchScoop $scoop, BatchItem $item, BatchRecord $record, int $number): TallyScoopAnswer
    {
        $planned = $record->load($item->load)->items[$item->key]->measured->scoops[$scoop->position];
        $ticked = $scoop->ticks->map(static fn(BatchTick $tick): int => $tick->number)->sort()->values()->all();
        // What is weighed is one tick, whatever the scale shows.
        $words = $planned->isWeighed() ? Measures::scoop($planned) : Measures::measure($planned->measure);

        return new TallyScoopAnswer($number, $words, $planned->eachTap(), $planned->taps(), array_values($ticked), array_values($scoop->ticks->filter(static fn(BatchTick $tick): bool => $tick->again_at !== null)->map(static fn(BatchTick $tick): int => $tick->number)->sort()->values()->all()));
    }

    private static function sprayer(Sprayer $sprayer): BatchSprayerAnswer
    {
        return new BatchSprayerAnswer($sprayer->id, $sprayer->submission, $sprayer->name, new AmountAnswer(...$sprayer->amount()->toArray()), ShedAnswers::pours($sprayer), $sprayer->shape()->value);
    }

    /** @param array<string, int> $numbers of the measures of all of it */
    private static function item(BatchItem $item, BatchRecord $record, array $numbers): TallyItemAnswer
    {
        $planned = $record->load($item->load)->items[$item->key];

        return new TallyItemAnswer(
            $item->id,
            $item->load,
            $item->key,
            $planned->name(),
            $planned->millilitres(),
            array_values($item->scoops->map(static fn(BatchScoop $scoop): TallyScoopAnswer => self::scoop($scoop, $item, $record, $numbers[Scoops::of($item->load, $item->key, $scoop->position)]))->all()),
        );
    }
}
