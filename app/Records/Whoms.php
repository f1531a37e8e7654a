<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Burn;
use App\Models\PestCase;
use App\Models\Plant;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Gate\HadRound;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Leaf\Burn as Burnt;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\KindCatalogue;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\Site;
use IdleMixer\Core\Plant\Stage;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Schedule\PlantCalendar;

/** Reads a plant of the notebook as it is today, what it had, and what is proven on its kind: the one place, for every screen. */
final readonly class Whoms
{
    public function __construct(private ToleranceCatalogue $classes, private KindCatalogue $kinds, private RecipeShelf $shelf, private BatchBook $book, private Proofs $proofs, private Reading $reading) {}

    /** @param int|null $but a round that is left out, because it is the one that is asked about */
    public function of(Plant $plant, DateTimeImmutable $now, ?int $but = null): Whom
    {
        return $this->with($plant, $this->now($plant, $now), self::since($plant->sulfur_on, $now), self::since($plant->copper_on, $now), self::since($plant->oil_on, $now), $now, $but);
    }

    /** The plant alone, without what it had. */
    public function now(Plant $plant, DateTimeImmutable $now): PlantNow
    {
        $harvest = PlantCalendar::daysToHarvest($plant->harvest_on, $now);

        return new PlantNow(
            $this->classes->get($plant->tolerance),
            $this->kinds->read($plant->kind),
            $plant->indoors ? Site::Indoors : Site::Outdoors,
            self::stage($plant, $now),
            PlantCalendar::isDry($plant->dry_on, $now),
            $plant->wounded,
            PlantCalendar::isFreshlyMoved($plant->moved_on, $now),
            $plant->eaten_raw,
            $plant->soap_sensitive,
            $plant->bears_no_oil,
            $harvest === null ? null : (float) $harvest,
            $plant->rare,
        );
    }

    /** The same plant, as somebody says it is now. */
    public function said(Plant $plant, SaidOfCase $said, DateTimeImmutable $now): Whom
    {
        $lately = (float) GateLines::LATELY['value'];
        $harvest = PlantCalendar::daysToHarvest($plant->harvest_on, $now);
        $stage = self::stage($plant, $now);

        return $this->with($plant, new PlantNow(
            $this->classes->get($plant->tolerance),
            $this->kinds->read($plant->kind),
            $said->indoors ? Site::Indoors : Site::Outdoors,
            match (true) {
                $said->inBloom => Stage::InBloom,
                $said->seedling => Stage::Seedling,
                // What is not said any more does not hold any more.
                default => $stage === Stage::InBloom || $stage === Stage::Seedling ? null : $stage,
            },
            $said->dryAtRoot,
            $said->wounded,
            PlantCalendar::isFreshlyMoved($plant->moved_on, $now),
            // Where a day is written down, that it is eaten soon says nothing new of it.
            $plant->eaten_raw || ($said->eatenSoon && $harvest === null),
            $said->soapSensitive,
            $said->bearsNoOil,
            match (true) {
                $harvest !== null => (float) $harvest,
                $said->eatenSoon => (float) GateLines::EATEN_SOON['value'],
                default => null,
            },
            $plant->rare,
        ), $said->sulfurLately ? self::since($plant->sulfur_on, $now) ?? $lately : null, $said->copperLately ? self::since($plant->copper_on, $now) ?? $lately : null, self::since($plant->oil_on, $now) ?? ($said->oilLately ? $lately : null), $now, null);
    }

    public static function stage(Plant $plant, DateTimeImmutable $now): ?Stage
    {
        return PlantCalendar::stage($plant->stage === null ? null : Stage::tryFrom($plant->stage), $plant->stage_on, [$plant->bloom_from, $plant->bloom_until], $now);
    }

    /** @return array{DateTimeImmutable|null, DateTimeImmutable}|null first (null: it is open already) and last day of the bloom that it is in or that is to come; null where none is known to end */
    public static function bloom(Plant $plant, DateTimeImmutable $now): ?array
    {
        return PlantCalendar::bloom($plant->stage === null ? null : Stage::tryFrom($plant->stage), $plant->stage_on, [$plant->bloom_from, $plant->bloom_until], $now);
    }

    private function with(Plant $plant, PlantNow $is, ?float $sulfur, ?float $copper, ?float $oil, DateTimeImmutable $now, ?int $but): Whom
    {
        $rounds = $this->reading->once("had/{$plant->id}/{$now->getTimestamp()}/{$but}", fn(): array => $this->rounds($plant, $now, $but));
        $said = $oil !== null && $oil < GateLines::STRONG_OIL_MIND['value'] && array_filter($rounds, static fn(HadRound $round): bool => $round->composition?->hasOil() === true) === [] ? [HadRound::ofOil($oil)] : [];
        $counted = $this->reading->once('counted-in-trials', OpenTrials::counting(...));

        return new Whom($is, PlantHad::of([...$rounds, ...$said], $sulfur, $copper, isset($counted[$plant->id])), $this->proofs->of($plant, $now), $now);
    }

    /** @return list<HadRound> its own of the last weeks, and what burnt it or others of its kind */
    private function rounds(Plant $plant, DateTimeImmutable $now, ?int $but): array
    {
        $kin = $this->proofs->kin($plant);
        $since = $now->modify('-' . (max(GateLines::STRONG_OIL_MIND['value'], GateLines::SULFUR_MIND['value']) + 1) . ' days');
        $rounds = Round::query()
            ->whereIn('case_id', PestCase::any(PestCase::query())->whereIn('plant_id', $kin)->select('id'))
            ->where('sprayed_at', '<=', $now)
            ->where(static fn($some) => $some->where('sprayed_at', '>=', $since)->orWhereIn('id', Burn::query()->select('round_id')))
            ->with(['burns', 'case:id,plant_id', 'batch.recipeVersion.recipe', 'run.taps'])
            ->orderBy('id')->get();
        $had = [];
        foreach ($rounds as $round) {
            $own = $round->case->plant_id === $plant->id;
            $burnt = $round->burns->max('share');
            $seen = $round->burns->filter(static fn(Burn $burn): bool => Burnt::is($burn->share))->max('seen_at');
            if ($round->id === $but || (! $own && $burnt === null)) {
                continue;
            }
            if ($round->batch === null) {
                $had[] = HadRound::ofBought($round->bought(), self::daysAgo($round->sprayed_at, $now), $round->wasRinsed(), is_numeric($burnt) ? (float) $burnt : null, $own, $seen instanceof DateTimeImmutable ? self::daysAgo($seen, $now) : null);
                continue;
            }
            $spray = $this->book->judged($round->batch);
            $had[] = new HadRound(
                self::daysAgo($round->sprayed_at, $now),
                $this->book->use($round->batch),
                $spray === null ? $this->planned($round->batch) : Strengths::ofComposition($spray),
                $spray,
                $round->wasRinsed() || $this->shelf->method($round->batch->recipeVersion)->isRinsedNextDay(),
                is_numeric($burnt) ? (float) $burnt : null,
                $own,
                $seen instanceof DateTimeImmutable ? self::daysAgo($seen, $now) : null,
            );
        }

        return $had;
    }

    private static function daysAgo(DateTimeImmutable $then, DateTimeImmutable $now): float
    {
        return max(0.0, ($now->getTimestamp() - $then->getTimestamp()) / 86_400.0);
    }

    /** Where nobody ticked, what was meant to go in. */
    private function planned(Batch $batch): Strengths
    {
        return Strengths::ofComposition(Composition::of([$this->book->planned($this->book->record($batch))]));
    }

    private static function since(?DateTimeImmutable $on, DateTimeImmutable $now): ?float
    {
        $days = PlantCalendar::daysSince($on, $now);

        return $days === null ? null : (float) $days;
    }
}
