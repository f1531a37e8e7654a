<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Choice\ContainmentStep;
use IdleMixer\Core\Choice\EffectCatalogue;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\InTurn;

/**
 * What no course is laid out for: no spray does it, this one does nothing to it or may not go on this plant, it is not for that pressure, or
 * the interval that was chosen is more than a leaf bears. Each with what helps instead. Common practice, no source.
 */
final readonly class Refusals
{
    private const HOURS_A_DAY = 24.0;

    /** Of what works, so many are named. */
    private const NAMED = 2;

    public function __construct(private Containment $containment, private EffectCatalogue $effects, private RecipeCatalogue $shipped, private LeafPace $pace) {}

    public static function shipped(): self
    {
        return new self(Containment::shipped(), EffectCatalogue::shipped(), RecipeCatalogue::shipped(), LeafPace::shipped());
    }

    /** @param array<string, InTurn> $rotation what may be used, by slug */
    public function of(CourseAsk $ask, array $rotation): ?Refusal
    {
        $trouble = $ask->trouble;
        $named = ['trouble' => $trouble === null ? '' : lcfirst($trouble->name), 'recipe' => $ask->methods[0]->recipe->slug];
        if ($trouble !== null && $this->working($ask) === []) {
            return new Refusal(CourseState::Refuse, $ask->stage !== null && $this->isSprayed($ask) ? 'no-spray-now' : 'no-spray', $named, $this->instead($ask));
        }
        if ($rotation === []) {
            return $this->unusable($ask, $named);
        }
        $first = $ask->method(array_key_first($rotation)) ?? $ask->methods[0];
        if ($ask->everyDays === null && $first->method->every($ask->pressure)->isNever()) {
            return new Refusal(CourseState::Refuse, $ask->pressure === Pressure::Prevention ? 'no-prevention' : 'not-at-this-pressure', [...$named, 'recipe' => $first->recipe->slug], self::weekly($ask, $first->recipe->slug));
        }
        if ($ask->budBreak !== null && $ask->today >= $ask->budBreak && $rotation[$first->recipe->slug]->onWood) {
            return new Refusal(CourseState::Refuse, 'buds-have-broken', [...$named, 'recipe' => $first->recipe->slug], [new Act($ask->today, ActKind::Look, $first->recipe->slug, 'bud-look', ['day' => $ask->today])]);
        }

        return $ask->everyDays === null ? null : $this->tooOften($ask, $rotation, $named, $ask->everyDays);
    }

    /** @param array<string, string> $named */
    private function unusable(CourseAsk $ask, array $named): Refusal
    {
        foreach ($ask->methods as $method) {
            if ($method->stop === null && ($ask->trouble === null || $method->effects !== [])) {
                return new Refusal(CourseState::Change, 'season-used', [...$named, 'recipe' => $method->recipe->slug, 'works' => $this->named($ask)], $this->instead($ask));
            }
        }
        $stop = $ask->methods[0]->stop;

        return new Refusal(CourseState::Refuse, $stop === null ? 'does-nothing' : 'barred', [...$named, 'works' => $this->named($ask)], $this->instead($ask), $stop === null ? null : self::weaker($ask, $stop));
    }

    /** Where only its strength stops it: so much of it as the leaf bears, as often as its school has it. */
    private static function weaker(CourseAsk $ask, Verdict $stop): ?Nearest
    {
        $percent = $stop->args['percent'] ?? null;
        $limit = $stop->args['limit'] ?? null;
        if (! is_float($percent) || ! is_float($limit) || $limit <= 0.0 || $percent <= $limit) {
            return null;
        }

        return new Nearest(max(ScheduleLines::WEEK['value'], $ask->everyDays ?? 0), $limit / $percent);
    }

    /**
     * @param array<string, InTurn> $rotation
     * @param array<string, string> $named
     */
    private function tooOften(CourseAsk $ask, array $rotation, array $named, int $everyDays): ?Refusal
    {
        // In turn each of several has its own days between.
        $turns = $ask->pressure === Pressure::Prevention ? 1 : count($rotation);
        $between = $everyDays * $turns;
        foreach ($rotation as $slug => $spray) {
            $least = $this->pace->days($spray);
            $load = array_filter($this->pace->loads(), static fn($one): bool => $one->of($spray) > $one->limit);
            if ($between >= $least && ($load === [] || $between >= ScheduleLines::WEEK['value'])) {
                continue;
            }
            $share = array_map(static fn($one): float => $one->limit / max(1e-9, $one->of($spray)), array_filter($this->pace->loads(), static fn($one): bool => $one->of($spray) > 0.0));

            return new Refusal(CourseState::Refuse, 'too-often', [...$named, 'recipe' => $slug, 'days' => $least, 'asked' => $everyDays], [new Act($ask->today, ActKind::Look, $slug, 'look-instead', ['day' => $ask->today])], new Nearest((int) ceil($least / $turns), min(1.0, $share === [] ? 1.0 : min($share))));
        }

        return null;
    }

    /** @return list<Act> hand work with its days, and a look a week from now */
    private function instead(CourseAsk $ask): array
    {
        $steps = $ask->trouble === null ? [] : $this->containment->steps($ask->trouble, $ask->plant);
        $acts = array_map(static fn(ContainmentStep $step): Act => new Act($ask->today + (int) floor($step->hours / self::HOURS_A_DAY), ActKind::HandWork, null, 'contain', ['day' => $ask->today + (int) floor($step->hours / self::HOURS_A_DAY), 'step' => $step->slug]), array_filter($steps, static fn(ContainmentStep $step): bool => $step->slug !== 'look-again'));

        return [...$acts, new Act($ask->today + ScheduleLines::WEEK['value'], ActKind::Look, null, 'look-instead', ['day' => $ask->today + ScheduleLines::WEEK['value']])];
    }

    /** @return list<Act> */
    private static function weekly(CourseAsk $ask, string $slug): array
    {
        return array_map(static fn(int $week): Act => new Act($ask->today + $week * ScheduleLines::WEEK['value'], ActKind::Look, $slug, 'weekly-look', ['day' => $ask->today + $week * ScheduleLines::WEEK['value']]), range(0, ScheduleLines::WEEKLY_LOOKS['value'] - 1));
    }

    private function named(CourseAsk $ask): string
    {
        return implode(', ', array_map(fn(string $slug): string => $this->shipped->get($slug)->name, array_slice($this->working($ask), 0, self::NAMED)));
    }

    /** Whether some spray does something to another stage of it. */
    private function isSprayed(CourseAsk $ask): bool
    {
        return $ask->trouble !== null && $this->against($ask, $ask->trouble->stages) !== [];
    }

    /** @return list<string> slugs of shipped sprays that work on it as it is */
    private function working(CourseAsk $ask): array
    {
        return $ask->trouble === null ? [] : $this->against($ask, $ask->stage === null ? $ask->trouble->stages : [$ask->stage]);
    }

    /**
     * @param list<string> $stages
     *
     * @return list<string>
     */
    private function against(CourseAsk $ask, array $stages): array
    {
        $trouble = $ask->trouble;
        if ($trouble === null) {
            return [];
        }

        return array_values(array_filter($this->shipped->slugs(), function (string $slug) use ($trouble, $stages): bool {
            $ways = $this->shipped->practice($slug)->ways;

            return array_filter($stages, fn(string $stage): bool => $this->effects->does($trouble->slug, $stage, $ways)) !== [];
        }));
    }
}
