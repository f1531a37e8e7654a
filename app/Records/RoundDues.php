<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\LeafPace;
use IdleMixer\Core\Gate\KeepsOff;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\CleanLooks;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\FreeDays;
use IdleMixer\Core\Schedule\PlantCalendar;
use IdleMixer\Core\Schedule\RoundDue;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Weather\Spray;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Window;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Load;
use Psr\Clock\ClockInterface;

/** When the next round of a case really is: by rain, counts, leaf tests and the weather to come. */
final class RoundDues
{
    /** @var array<int, int> the batch that waits to be sprayed, by case */
    private array $mixed = [];

    /** @var array<int, ChosenSpray|null> what is sprayed next, by case */
    private array $next = [];

    /** @var array<int, DateTimeImmutable> until when a plant rests whose leaves burnt, by plant */
    private array $rests = [];

    /** @var array<int, DateTimeImmutable> when insects were set out, by plant */
    private array $setOut = [];

    /** The days that the gardener has; null where that is every day. */
    private ?FreeDays $free = null;

    private DateTimeImmutable $now;

    public function __construct(
        private readonly GardenBook $garden,
        private readonly RainedOff $rain,
        private readonly SprayWants $wants,
        private readonly CourseMethods $methods,
        private readonly Rhythms $rhythms,
        private readonly LeafPace $pace,
        private readonly BatchBook $book,
        private GoodHours $hours,
        private readonly TroubleCatalogue $troubles,
        private readonly FairLook $fairLook,
        private readonly TurnDays $turns,
        private readonly OwnSprays $own,
        private readonly Whoms $whoms,
        private readonly ToleranceCatalogue $classes,
        private readonly RoundDates $wanted,
        private readonly OwnDays $ownDays,
        ClockInterface $clock,
    ) {
        $this->now = $clock->now();
    }

    /**
     * The same at that time, with the weather that is told then.
     *
     * @param list<int> $cases of which rounds are asked
     */
    public function at(DateTimeImmutable $now, array $cases = []): self
    {
        $fresh = clone $this;
        $fresh->hours = $this->hours->at($now);
        $fresh->mixed = ReadyBatches::of($cases, $now);
        $fresh->next = [];
        $fresh->rests = BurntPlants::rests($now);
        $fresh->setOut = SetOuts::lately($now);
        $fresh->free = $this->ownDays->of();
        $fresh->now = $now;

        return $fresh;
    }

    public function of(PestCase $case, ?Round $last, DateTimeImmutable $planned, ?DateTimeImmutable $testUntil): RoundDue
    {
        $place = $this->garden->place();
        $planned = $place === null ? $planned : $planned->setTimezone($place->zone);
        // A list of tasks knows batches without what they were started from.
        $batch = $last?->batch_id === null ? null : Batch::query()->with('recipeVersion.recipe')->find($last->batch_id);
        $facts = $last === null || $batch === null
            ? $this->withoutSpray($case, $last, $planned, $testUntil, $place === null ? null : $this->next($case)?->wants)
            : $this->since($case, $last, $batch, $planned, $testUntil);

        return RoundMoves::of($planned, $facts, $this->now);
    }

    /** What is sprayed next: what is mixed for it, else what core says comes next. Before the first round nothing is settled until it is mixed. */
    private function next(PestCase $case): ?ChosenSpray
    {
        $ready = $this->mixed[$case->id] ?? null;
        if (! array_key_exists($case->id, $this->next)) {
            $this->next[$case->id] = $ready === null && $case->rounds->whereNotNull('batch_id')->isEmpty() ? null : $this->own->ofCase($case->id, $ready, $this->now);
        }

        return $this->next[$case->id];
    }

    /**
     * The hours of what comes next.
     *
     * @return array{list<Window>|null, DateTimeImmutable} null where nobody knows of what or where, and where the forecast ends
     */
    public function hours(PestCase $case): array
    {
        return $this->hours->of($case->plant, $this->next($case)?->wants);
    }

    /** Before the first round, or since one of something bought: what rain does to that, and how soon leaves bear more of it, its label says. */
    private function withoutSpray(PestCase $case, ?Round $last, DateTimeImmutable $planned, ?DateTimeImmutable $testUntil, ?Spray $next): RoundFacts
    {
        return new RoundFacts(
            $last?->sprayed_at,
            $planned,
            null,
            $last === null ? 0 : $this->cleanLooks($case, $last),
            $testUntil,
            ...[...$this->hours->of($case->plant, $next), $this->rests[$case->plant_id] ?? null],
            ...$this->keepsOff($case),
            wantedSince: $last === null ? null : $this->wantedSince($case),
            free: $this->free,
        );
    }

    private function wantedSince(PestCase $case): ?DateTimeImmutable
    {
        return $this->wanted->next($case) === null ? null : $case->dates_chosen_at ?? $case->opened_at;
    }

    /** What is known since the last round. */
    private function since(PestCase $case, Round $last, Batch $batch, DateTimeImmutable $planned, ?DateTimeImmutable $testUntil): RoundFacts
    {
        $record = $this->book->record($batch);
        $mixture = AsMade::together(array_map(static fn(Load $load): Mixture => $load->mixture, $record->loads));
        $spray = $this->wants->of($mixture, $record->target->use);
        $turn = $this->methods->made($batch->recipeVersion->recipe->slug, $this->rhythms->method($batch), '', $mixture, $record->target, $this->troubles->trouble($case->pest)->kind, $case->round_days, $this->rhythms->pressure($case));

        $washedOff = $case->plant->indoors ? null : $this->rain->off($last->sprayed_at, $spray, $this->now);

        $inTurn = $this->turns->after($case, $last);
        // No rule but these makes it earlier than it is planned.
        $earliest = min(array_filter([$planned, $inTurn, $washedOff]));

        return new RoundFacts(
            $last->sprayed_at,
            $last->sprayed_at->modify("+{$this->pace->days($turn)} days"),
            $washedOff,
            $this->cleanLooks($case, $last),
            $testUntil,
            ...[...$this->hoursOf($case, $earliest, $spray), $this->rests[$case->plant_id] ?? null, $inTurn, $this->slowed($case, $last)],
            ...$this->keepsOff($case),
            wantedSince: $this->wantedSince($case),
            free: $this->free,
        );
    }

    /**
     * The hours of what comes next, as spray day has it; none are asked for where it is due after the weather that is told.
     *
     * @param DateTimeImmutable $earliest that it may be due
     *
     * @return array{list<Window>|null, DateTimeImmutable}
     */
    private function hoursOf(PestCase $case, DateTimeImmutable $earliest, Spray $last): array
    {
        $end = $this->hours->until();

        return $end === null || $earliest >= $end ? [null, $end ?? $this->now] : $this->hours->of($case->plant, $this->next($case)->wants ?? $last);
    }

    /**
     * What keeps the spray that comes next off the plant: open flowers, thirst, insects that were set out.
     *
     * @return array{blooms?: array{DateTimeImmutable|null, DateTimeImmutable}|null, dryUntil?: DateTimeImmutable|null, setOut?: DateTimeImmutable|null} none where nothing does, or nobody knows what comes next
     */
    private function keepsOff(PestCase $case): array
    {
        $plant = $case->plant;
        $blooms = Whoms::bloom($plant, $this->now);
        $dryUntil = PlantCalendar::dryUntil($plant->dry_on, $this->now);
        // What is sprayed next takes long to say: it is asked only where one of these may keep it off.
        $setOut = $this->setOut[$plant->id] ?? null;
        $next = $blooms === null && $dryUntil === null && $setOut === null ? null : $this->next($case);
        if ($next === null) {
            // Whatever it is, it may wet leaves.
            return $setOut === null ? [] : ['setOut' => $setOut];
        }
        $question = Question::for($next->asked, new Whom($this->whoms->now($plant, $this->now), new PlantHad()), $this->classes);

        return ['blooms' => KeepsOff::bees($question) ? $blooms : null, 'dryUntil' => KeepsOff::thirst($question) ? $dryUntil : null, 'setOut' => KeepsOff::insects($question) ? $setOut : null];
    }

    /** When the next round comes where it is cool; null where nobody said where the garden lies, or it makes no difference. */
    private function slowed(PestCase $case, Round $last): ?DateTimeImmutable
    {
        $celsius = $case->round_days === null ? null : $this->celsius($case);
        $days = $celsius === null ? null : $this->rhythms->slowed($case, $celsius);

        return $days === null || $days < $case->round_days ? null : $last->sprayed_at->modify("+{$days} days");
    }

    /** °C; mean of the week to come where the plant stands; null where nobody said where that is. */
    public function celsius(PestCase $case): ?float
    {
        return $this->hours->celsius($case->plant);
    }

    private function cleanLooks(PestCase $case, Round $last): int
    {
        $hours = $this->fairLook->against($this->troubles->trouble($case->pest)->kind, $last->fairLookHours());
        $counts = $case->counts->filter(static fn(Count $count): bool => ! $count->untreated && $count->counted_at >= $last->sprayed_at);

        return CleanLooks::of(array_values($counts->map(static fn(Count $count): array => [$count->counted_at, $count->value])->all()), $last->sprayed_at->modify('+' . (int) round($hours * 60) . ' minutes'));
    }
}
