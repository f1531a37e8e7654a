<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Bound;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/**
 * What to do when it went wrong. Every advice is worked through to its end for everything that may stand in the
 * sprayer, and given only when all of that ends within the limits and within the sprayer.
 */
final readonly class WayOut
{
    /** Additions to a tank are poured to 10 mL, above a litre to 50 mL. */
    private const FINE_STEP = MeasureLines::POUR_STEP['value'];

    private const COARSE_STEP = MeasureLines::POUR_STEP_OVER_LITRE['value'];

    /** @param list<Bound> $drench limits of a drench */
    public function __construct(private Bounds $bounds, private array $drench, private ScoopPlanner $spoons) {}

    /**
     * @param Limits $limits those that were asked when it was planned
     *
     * @throws UnknownLimit when a limit is missing
     */
    public static function of(LoadAtHand $at, Limits $limits): self
    {
        $ceilings = new Ceilings($limits);

        return new self(self::boundsOf($at, $limits), $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed())), $at->kit->planner());
    }

    /** @throws UnknownLimit when a limit is missing */
    public static function boundsOf(LoadAtHand $at, Limits $limits): Bounds
    {
        return new Bounds(
            (new Ceilings($limits))->of($at->target),
            $at->capacity,
            (new Judge($limits))->misplaced($at->target, $at->circumstances) !== null,
        );
    }

    /** @return list<Remedy> the ones that hold: least waste first, then least work; discarding last and always */
    public function remedies(Load $load, Slips $slips): array
    {
        $ends = $slips->ends($load);
        $here = new self($this->bounds->holding(self::fullest($ends)), $this->drench, $this->spoons);
        $missing = $here->addMissing($load, $slips, $ends);
        $tries = [
            $here->isMade($load, $ends) ? new Remedy(RemedyKind::AsItIs, finished: self::fullest($ends), asPlanned: true) : null,
            $missing,
            $missing?->asPlanned === true ? null : $here->makeRoom($load, $slips, $ends),
            $here->smaller($load, $slips, $ends),
            $here->bigger($load, $slips, $ends),
            $here->addWater($load, $ends),
            $here->backToPlan($load, $slips, $ends) ?? $here->pourOff($load, $ends),
            $here->withinLimits($load, $ends),
            $here->asDrench($ends),
            new Remedy(RemedyKind::Discard, wasted: 1.0),
        ];
        $remedies = array_values(array_filter($tries, static fn(?Remedy $one): bool => $one !== null && array_intersect(array_keys($one->add), $slips->spent) === []));
        usort($remedies, static fn(Remedy $a, Remedy $b): int => $a->rank() <=> $b->rank());

        return self::withoutTwins($remedies);
    }

    /**
     * Water that is missing and water that is added are one advice.
     *
     * @param list<Remedy> $remedies
     *
     * @return list<Remedy>
     */
    private static function withoutTwins(array $remedies): array
    {
        $onlyWater = array_filter($remedies, static fn(Remedy $one): bool => $one->kind === RemedyKind::AddMissing && $one->add === [] && $one->asPlanned);

        return $onlyWater === [] ? $remedies : array_values(array_filter($remedies, static fn(Remedy $one): bool => $one->kind !== RemedyKind::AddWater));
    }

    /** @param non-empty-list<Mixture> $ends */
    private function isMade(Load $load, array $ends): bool
    {
        $plan = new AgainstPlan($load);
        foreach ($ends as $end) {
            if (! $this->bounds->allows($end) || ! $plan->isNear($end)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Not what was planned, and harmless all the same; not where the soap that holds the oil is short.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function withinLimits(Load $load, array $ends): ?Remedy
    {
        $plan = new AgainstPlan($load);
        $all = [];
        foreach ($ends as $end) {
            $ratios = $plan->ratios($end);
            if (! $this->bounds->allows($end) || $ratios === [] || ($ratios['soap'] ?? 1.0) < AgainstPlan::WEAKEST) {
                return null;
            }
            array_push($all, min($ratios), max($ratios));
        }

        return $this->isMade($load, $ends) ? null : new Remedy(RemedyKind::WithinLimits, finished: self::fullest($ends), weakest: min($all), strongest: max($all), times: self::times(array_map($plan->ratios(...), $ends)));
    }

    /**
     * From how many times to how many times the planned strength, by group.
     *
     * @param list<array<string, float>> $ratios
     *
     * @return array<string, array{float, float}>
     */
    private static function times(array $ratios): array
    {
        $times = [];
        foreach ($ratios as $each) {
            foreach ($each as $what => $ratio) {
                [$least, $most] = $times[$what] ?? [$ratio, $ratio];
                $times[$what] = [min($least, $ratio), max($most, $ratio)];
            }
        }

        return $times;
    }

    /**
     * What is short is added, so that the middle of what may be in it is what was planned; too little water is topped up.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function addMissing(Load $load, Slips $slips, array $ends): ?Remedy
    {
        $add = [];
        foreach ($slips->items as $key => [$low, $high]) {
            $missing = $load->items[$key]->millilitres() - ($low + $high) / 2.0;
            if ($missing > $load->items[$key]->millilitres() * ScoopPlan::TOLERANCE) {
                $add[$key] = $this->measured($missing);
            }
        }
        $water = $slips->water === null ? 0.0 : max(0.0, $load->mixture->water - $slips->water);

        return $add === [] && $water <= 0.0 ? null : $this->checked(RemedyKind::AddMissing, $load, $ends, $add, $water, 0.0);
    }

    /**
     * What is short goes into a full sprayer: so much of it out first as the rest needs room. What goes out is as good as what stays but
     * for what was missing, and is put back once there is room again.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function makeRoom(Load $load, Slips $slips, array $ends): ?Remedy
    {
        $full = self::fullest($ends);
        $missing = [];
        foreach ($slips->items as $key => [$low, $high]) {
            $short = $load->items[$key]->millilitres() - ($low + $high) / 2.0;
            $missing[$key] = $short > $load->items[$key]->millilitres() * ScoopPlan::TOLERANCE ? $short : 0.0;
        }
        $missing = array_filter($missing, static fn(float $short): bool => $short > 0.0);
        $off = self::upwards(max(0.0, self::roomFor($load, $missing) - max(0.0, $this->bounds->capacity - $full)));
        if ($missing === [] || $off <= 0.0 || $off >= $full) {
            return null;
        }
        $share = $off / $full;
        if ($share > ScoopPlan::TOLERANCE) {
            // So much goes that the rest of it is missed: it comes back with what was missing, and needs room itself.
            $off = self::upwards(self::roomFor($load, $missing) / max(1e-9, 1.0 - $this->solids($load, $slips) / $full));
            $share = $off / $full;
            foreach ($load->items as $key => $item) {
                $in = $slips->items[$key] ?? [$item->millilitres(), $item->millilitres()];
                $more = ($missing[$key] ?? 0.0) + ($in[0] + $in[1]) / 2.0 * $share;
                $missing = $more > $item->millilitres() * ScoopPlan::TOLERANCE ? [...$missing, $key => $more] : $missing;
            }
        }
        if ($off >= $full) {
            return null;
        }
        $add = array_map($this->measured(...), $missing);
        $room = self::roomFor($load, array_map(static fn(ScoopPlan $plan): float => $plan->millilitres(), $add));

        return $room > $off * (1.0 + 1e-9) + max(0.0, $this->bounds->capacity - $full) ? null : $this->checked(RemedyKind::MakeRoom, $load, $ends, $add, $off - $room < self::FINE_STEP ? 0.0 : $off - $room, $off);
    }

    /** mL that all but the water takes up now. */
    private function solids(Load $load, Slips $slips): float
    {
        return self::roomFor($load, array_map(static fn(Item $item): float => ($slips->items[$item->key] ?? [1.0, $item->millilitres()])[1], $load->items));
    }

    /**
     * As far as what ran out reaches: less of everything that is not in yet.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function smaller(Load $load, Slips $slips, array $ends): ?Remedy
    {
        $times = 1.0;
        foreach ($slips->spent as $key) {
            $times = min($times, ($slips->items[$key][0] ?? 0.0) / max(1e-12, $load->items[$key]->millilitres()));
        }
        $in = max(array_map(static fn(Mixture $end): float => $end->water, $ends));
        if ($slips->spent === [] || $times <= 0.0 || $times >= 1.0 - ScoopPlan::TOLERANCE || $in > $load->mixture->water * $times * (1.0 + ScoopPlan::TOLERANCE)) {
            return null;
        }
        $add = [];
        foreach ($load->items as $key => $item) {
            [$low, $high] = $slips->items[$key] ?? [$item->millilitres(), $item->millilitres()];
            $wanted = $item->millilitres() * $times;
            if ($high > $wanted * (1.0 + ScoopPlan::TOLERANCE)) {
                return null;
            }
            if (! in_array($key, $slips->spent, true) && $wanted - ($low + $high) / 2.0 > $wanted * ScoopPlan::TOLERANCE) {
                $add[$key] = $this->measured($wanted - ($low + $high) / 2.0);
            }
        }

        return $this->checked(RemedyKind::SmallerBatch, $load, $ends, $add, max(0.0, $load->mixture->water * $times - $in), 0.0);
    }

    private function measured(float $millilitres): ScoopPlan
    {
        return $this->spoons->plan($millilitres);
    }

    /** @param array<string, float> $amounts mL by key of the item */
    private static function roomFor(Load $load, array $amounts): float
    {
        $room = 0.0;
        foreach ($amounts as $key => $millilitres) {
            $room += $load->items[$key]->room() / max(1e-12, $load->items[$key]->millilitres()) * $millilitres;
        }

        return $room;
    }

    /**
     * Everything else is brought up to what went in too much of.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function bigger(Load $load, Slips $slips, array $ends): ?Remedy
    {
        $times = $slips->water === null || $load->mixture->water <= 0.0 ? 1.0 : $slips->water / $load->mixture->water;
        foreach ($slips->items as $key => [, $high]) {
            $times = max($times, $high / $load->items[$key]->millilitres());
        }
        $finished = $load->mixture->finished() * $times;
        if ($times <= 1.0 + ScoopPlan::TOLERANCE || $finished > $this->bounds->capacity) {
            return null;
        }
        $add = [];
        foreach ($load->items as $key => $item) {
            [, $high] = $slips->items[$key] ?? [0.0, $item->millilitres()];
            $missing = $item->millilitres() * $times - $high;
            if ($missing > $item->millilitres() * ScoopPlan::TOLERANCE) {
                $add[$key] = $this->measured($missing);
            }
        }
        // Topped up to the mark, whatever the spoons brought.
        $room = self::roomFor($load, array_map(static fn(ScoopPlan $plan): float => $plan->millilitres(), $add));
        $water = max(0.0, $finished - self::fullest($ends) - $room);

        return $this->checked(RemedyKind::BiggerBatch, $load, $ends, $add, $water, 0.0);
    }

    /**
     * Water alone: to the planned strength if there is room, else as far as the limits.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function addWater(Load $load, array $ends): ?Remedy
    {
        $over = max(array_map($this->bounds->times(...), $ends));
        foreach ([(new AgainstPlan($load))->over($ends), $over] as $times) {
            if ($times <= 1.0 + 1e-9) {
                continue;
            }
            $water = self::upwards(self::fullest($ends) * ($times - 1.0));
            $remedy = $this->checked(RemedyKind::AddWater, $load, $ends, [], $water, 0.0);
            if ($remedy !== null) {
                return $remedy;
            }
        }

        return null;
    }

    /**
     * Some of it out, water in its place and what else that takes away: back to what was planned.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function backToPlan(Load $load, Slips $slips, array $ends): ?Remedy
    {
        $full = self::fullest($ends);
        $over = (new AgainstPlan($load))->over($ends);
        $off = self::upwards($full * (1.0 - 1.0 / $over));
        if ($over <= 1.0 || $off >= $full) {
            return null;
        }
        $add = [];
        $room = 0.0;
        foreach ($load->items as $key => $item) {
            [, $high] = $slips->items[$key] ?? [0.0, $item->millilitres()];
            // What belongs into as much as stands there, which is less than planned where water was short.
            $missing = $item->millilitres() * $full / $load->mixture->finished() - $high * (1.0 - $off / $full);
            if ($missing > $item->millilitres() * ScoopPlan::TOLERANCE) {
                $add[$key] = $this->measured($missing);
                $room += $item->room() / max(1e-12, $item->millilitres()) * $add[$key]->millilitres();
            }
        }
        $remedy = $room > $off ? null : $this->checked(RemedyKind::PourOff, $load, $ends, $add, $off - $room, $off);

        return $remedy?->asPlanned === true ? $remedy : null;
    }

    /**
     * Where there is no room for the water: some of it out, water in its place, to within the limits.
     *
     * @param non-empty-list<Mixture> $ends
     */
    private function pourOff(Load $load, array $ends): ?Remedy
    {
        $over = max(array_map($this->bounds->times(...), $ends));
        $full = self::fullest($ends);
        if ($over <= 1.0 + 1e-9 || $full > $this->bounds->capacity) {
            return null;
        }
        $off = min($full, self::upwards($full * (1.0 - 1.0 / $over)));
        foreach ($ends as $end) {
            if ($off >= $end->finished() || ! $this->bounds->allows(Tank::after($end, $load, [], $off, $off))) {
                return null;
            }
        }

        return $this->checked(RemedyKind::PourOff, $load, $ends, [], $off, $off);
    }

    /** @param non-empty-list<Mixture> $ends */
    private function asDrench(array $ends): ?Remedy
    {
        $drench = new Bounds($this->drench, \INF);
        if (max(array_map($this->bounds->times(...), $ends)) <= 1.0 + 1e-9) {
            return null;
        }
        foreach ($ends as $end) {
            if (! $drench->allows($end)) {
                return null;
            }
        }

        return new Remedy(RemedyKind::Drench, finished: self::fullest($ends), wasted: 1.0);
    }

    /**
     * The remedy, if all that may be in the sprayer ends within the bounds by it.
     *
     * @param non-empty-list<Mixture> $ends
     * @param array<string, ScoopPlan>   $add
     */
    private function checked(RemedyKind $kind, Load $load, array $ends, array $add, float $water, float $pourOff): ?Remedy
    {
        $after = array_map(static fn(Mixture $end): Mixture => Tank::after($end, $load, array_map(static fn(ScoopPlan $plan): float => $plan->millilitres(), $add), $water, $pourOff), $ends);
        foreach ($after as $mixture) {
            if (! $this->bounds->allows($mixture)) {
                return null;
            }
        }
        $near = array_filter($after, (new AgainstPlan($load))->isNear(...));

        // What is kept in a jar and put back is not wasted.
        $wasted = $kind === RemedyKind::MakeRoom ? 0.0 : $pourOff / max(1e-12, self::fullest($ends));

        $ratios = array_map((new AgainstPlan($load))->ratios(...), $after);
        $all = array_merge([], ...array_map(array_values(...), $ratios));

        return new Remedy($kind, $add, $water, $pourOff, self::fullest($after), count($near) === count($after), $all === [] ? 1.0 : min($all), $all === [] ? 1.0 : max($all), $wasted, self::times($ratios));
    }

    /** @param non-empty-list<Mixture> $mixtures */
    private static function fullest(array $mixtures): float
    {
        return max(array_map(static fn(Mixture $mixture): float => $mixture->finished(), $mixtures));
    }

    private static function upwards(float $millilitres): float
    {
        $step = $millilitres > 1000.0 ? self::COARSE_STEP : self::FINE_STEP;

        return ceil($millilitres / $step - 1e-9) * $step;
    }
}
