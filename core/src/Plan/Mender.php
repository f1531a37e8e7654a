<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Safety\About;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\StrengthFinding;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Vessel\TooManyLoads;

/** Finds the one change of the bench that answers the worst verdict of a plan; each is tried out by the same planner. */
final readonly class Mender
{
    private const JUST_UNDER = VesselLines::JUST_UNDER['value'];

    private const HALF = VesselLines::HALF['value'];

    private const TRIES = VesselLines::TRIES['value'];

    /** From a week on rounds are not summed. */
    private const WEEK = ScheduleLines::WEEK['value'];

    public function __construct(private Planner $planner, private Ceilings $ceilings) {}

    /**
     * @return Mending|null null where nothing is wrong, or nothing at the bench helps
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function of(Plan $plan): ?Mending
    {
        $worst = self::worst($plan);
        foreach ($worst === Level::Ok ? [] : $plan->verdicts as $verdict) {
            if ($verdict->level !== $worst) {
                continue;
            }
            foreach ($this->candidates($plan, $verdict) as $mending) {
                if ($this->helps($mending, $plan)) {
                    return $mending;
                }
            }
        }

        return null;
    }

    public static function worst(Plan $plan): Level
    {
        return array_reduce($plan->verdicts, static fn(Level $worst, Verdict $one): Level => $one->level->isWorseThan($worst) ? $one->level : $worst, Level::Ok);
    }

    /** @return iterable<Mending> the gentlest first */
    private function candidates(Plan $plan, Verdict $verdict): iterable
    {
        $bench = $plan->bench;
        yield from match ($verdict->about()) {
            About::Emulsion => self::holding($plan, $verdict),
            About::ActiveSoap, About::Weak => self::softer($bench, $verdict),
            About::Measuring => self::volumes($bench, $verdict),
            About::Repeat => self::days($plan, $verdict),
            default => $this->weaker($plan, $verdict),
        };
    }

    private function helps(Mending $mending, Plan $before): bool
    {
        try {
            $after = $this->planner->plan($mending->bench);
        } catch (InvalidDocument|TooManyLoads) {
            return false;
        }
        foreach ($after->verdicts as $verdict) {
            if ($verdict->code === $mending->about && $verdict->level !== Level::Ok) {
                return false;
            }
            // What is said to measure true does so, and is not only near.
            if ($verdict->finding === Finding::MeasureNear && in_array($verdict->args['name'] ?? '', self::coarse($before), true)) {
                return false;
            }
        }

        return self::badness($after) < self::badness($before);
    }

    /** @return list<int|float|string> names of what the spoons do not hit */
    private static function coarse(Plan $plan): array
    {
        return array_values(array_map(static fn(Verdict $one): int|float|string => $one->args['name'] ?? '', array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->about() === About::Measuring && $one->level !== Level::Ok)));
    }

    /** @return array{int, int} stops and cautions */
    private static function badness(Plan $plan): array
    {
        $of = static fn(Level $level): int => count(array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->level === $level));

        return [$of(Level::Stop), $of(Level::Caution)];
    }

    /**
     * @return iterable<Mending>
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    private function weaker(Plan $plan, Verdict $verdict): iterable
    {
        $bench = $plan->bench;
        if ($bench->highEnd) {
            yield new Mending($verdict->code, MendingKind::LowEnd, [], $bench->with(highEnd: false));
        }
        foreach (Substance::cases() as $what) {
            $now = $plan->strengths->percent($what);
            $ceiling = $now <= 0.0 || ! StrengthFinding::is($verdict->finding, $what) ? null : $this->ceilings->forSubstance($what, $bench->target);
            if ($ceiling === null || $now <= $ceiling->limit->value) {
                continue;
            }
            $share = self::share($bench, $what, $now, $ceiling->limit->value * self::JUST_UNDER);
            if ($what->isEmulsifier() && $share >= self::HALF) {
                yield new Mending($verdict->code, MendingKind::HalfOf, ['what' => $what->words()], self::scaled($bench, $what, self::HALF));
            }
            yield new Mending($verdict->code, MendingKind::Weaken, ['percent' => $ceiling->limit->value, 'unit' => $what->unit(), 'what' => $what->words()], self::scaled($bench, $what, $share));
        }
        yield new Mending($verdict->code, MendingKind::HalfStrength, [], $bench->with(factor: $bench->factor / 2.0));
    }

    /** Of what is in it now, so that it is so many percent: with less of it a recipe to so much water makes less spray, too. */
    private static function share(Bench $bench, Substance $what, float $now, float $percent): float
    {
        $share = $percent / $now;
        for ($i = 0; $i < self::TRIES; ++$i) {
            $then = self::scaled($bench, $what, $share);
            $share *= $percent / Strengths::of((new Formulator())->onBasis($then->recipe, $then->highEnd, $then->factor, '/recipe'))->percent($what);
        }

        return $share;
    }

    /** So much of one substance, whether it is measured by itself or comes with a stock. */
    private static function scaled(Bench $bench, Substance $what, float $share): Bench
    {
        return $bench->with(recipe: $bench->recipe->with(array_map(
            static fn(RecipeLine $line): RecipeLine => self::holds($line, $what) ? $line->times($share, $bench->highEnd) : $line,
            $bench->recipe->lines,
        )));
    }

    private static function holds(RecipeLine $line, Substance $what): bool
    {
        return $line->stock === null
            ? $line->ingredient?->substance === $what
            : array_filter($line->stock->lines, static fn(RecipeLine $inner): bool => self::holds($inner, $what)) !== [];
    }

    /** @return iterable<Mending> */
    private static function holding(Plan $plan, Verdict $verdict): iterable
    {
        $remedy = $plan->remedy;
        $bench = $plan->bench;
        $basis = $bench->recipe->basis;
        if ($remedy?->ingredient !== null && $remedy->scoop !== null && $basis !== null) {
            $whole = $basis->of === BasisOf::Water ? $plan->whole->water : $plan->whole->finished();
            $amount = Amount::of($remedy->total * $basis->millilitres() / $whole / $bench->factor, Unit::Millilitre);
            $others = array_values(array_filter($bench->recipe->lines, static fn(RecipeLine $line): bool => $line->ingredient?->slug !== $remedy->ingredient->slug));
            yield new Mending($verdict->code, MendingKind::More, [
                'count' => $remedy->scoop->count, 'amount' => $remedy->scoop->measure->amount->value, 'unit' => $remedy->scoop->measure->amount->unit->value,
                'name' => $remedy->scoop->measure->name, 'what' => $remedy->ingredient->name,
            ], $bench->with(recipe: $bench->recipe->with([...$others, RecipeLine::ofIngredient($remedy->ingredient, $amount, null, null)])));
        }
        yield from self::softer($bench, $verdict);
        yield new Mending($verdict->code, MendingKind::EmulsifierFirst, [], $bench->with(recipe: $bench->recipe->with(order: MixingOrder::EmulsifierFirst)));
    }

    /** @return iterable<Mending> */
    private static function softer(Bench $bench, Verdict $verdict): iterable
    {
        yield new Mending($verdict->code, MendingKind::SoftWater, [], $bench->with(water: new Water(EmulsionLines::RAIN['value'], $bench->water->temperature)));
    }

    /**
     * What the sprayer can be filled to, nearest first.
     *
     * @return iterable<Mending>
     */
    private static function volumes(Bench $bench, Verdict $verdict): iterable
    {
        $full = ($bench->sprayer ?? $bench->make)->millilitres();
        $fills = VesselLines::FILLS['value'];
        $most = log(VesselLines::NEARBY['value']);
        $off = [];
        for ($i = 1; $i <= ($bench->sprayer === null ? 2 : 1) * $fills; ++$i) {
            $away = abs(log($i * $full / $fills / $bench->make->millilitres()));
            if ($away > 1e-6 && $away <= $most + 1e-9) {
                $off[$i] = $away;
            }
        }
        asort($off);
        foreach (array_keys($off) as $i) {
            $volume = Volume::ofMillilitres($i * $full / $fills);
            yield new Mending($verdict->code, MendingKind::Volume, ['mL' => $volume->millilitres(), 'unit' => $bench->unit->value], $bench->with(make: $volume));
        }
    }

    /** @return iterable<Mending> */
    private static function days(Plan $plan, Verdict $verdict): iterable
    {
        $now = $verdict->args['days'] ?? 1.0;
        for ($days = (int) floor((float) $now) + 1; $days <= self::WEEK; ++$days) {
            yield new Mending($verdict->code, MendingKind::Days, ['days' => $days], $plan->bench->with(circumstances: $plan->bench->circumstances->every((float) $days)));
        }
    }
}
