<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Choice\Choice;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;

/**
 * With what a course goes on: what it was begun with, in its turns, until two judged rounds took less than half of what was there, or it
 * may not go on any more. Common practice, no source.
 */
final readonly class NextMethod
{
    private function __construct(
        /** Of the recipe; null where no spray fits. */
        public ?string $slug,
        public WhyNext $why,
        /** As the choice proposes it; null where it knows nothing of it, and it is mixed as it was before. */
        public ?Option $option = null,
        /** @var list<string> the sprays that take turns from here on, the next first */
        public array $turns = [],
    ) {}

    /**
     * @param Choice          $choice  as things stand now
     * @param list<HadMethod> $had     earliest first
     * @param list<string>    $stopped slugs of what may not go on any more as it was mixed
     * @param ChosenTurns|null $chosen by the gardener; null where it goes on as it was begun
     */
    public static function of(Choice $choice, array $had, array $stopped = [], ?ChosenTurns $chosen = null): self
    {
        $going = self::goingOn($choice, $had, $stopped, $chosen);
        if ($had === []) {
            return $going ?? self::chosen($choice, WhyNext::First, []);
        }
        if ($going !== null) {
            return $going;
        }
        $slugs = array_map(static fn(HadMethod $one): string => $one->slug, $had);
        $poor = PoorRounds::of($had, $slugs[count($slugs) - 1]);
        $other = $poor === [] ? self::chosen($choice, WhyNext::Barred, []) : self::chosen($choice, WhyNext::ChangesTack, $poor);
        $left = self::left($choice, $slugs, $stopped);

        // Where nothing else fits either, it is put off and not changed.
        return $other->slug === null ? self::from($choice, $left === [] ? self::turns($slugs) : $left) : $other;
    }

    /**
     * The same as long as nothing has to be changed, for which a choice among the sprays that take turns is enough.
     *
     * @param Choice          $choice  of these at least
     * @param list<HadMethod> $had     earliest first
     * @param list<string>    $stopped slugs of what may not go on any more as it was mixed
     *
     * @param ChosenTurns|null $chosen by the gardener; null where it goes on as it was begun
     *
     * @return self|null null where something else has to be chosen
     */
    public static function goingOn(Choice $choice, array $had, array $stopped = [], ?ChosenTurns $chosen = null): ?self
    {
        $slugs = array_map(static fn(HadMethod $one): string => $one->slug, $had);
        $turns = $chosen?->now($slugs) ?? [];
        if ($chosen !== null && $turns !== []) {
            // What was had before it was chosen says nothing of it.
            $since = array_slice($had, $chosen->had);
            $left = $since !== [] && PoorRounds::of($since, $since[count($since) - 1]->slug) !== [] ? [] : self::allowed($choice, $turns, $stopped);

            return $left === [] ? null : self::from($choice, $left);
        }
        $left = $slugs === [] || PoorRounds::of($had, $slugs[count($slugs) - 1]) !== [] ? [] : self::left($choice, $slugs, $stopped);

        return $left === [] ? null : self::from($choice, $left);
    }

    /**
     * @param non-empty-list<string> $slugs   what was sprayed, earliest first
     * @param list<string>           $stopped
     *
     * @return list<string> what takes turns and may go on
     */
    private static function left(Choice $choice, array $slugs, array $stopped): array
    {
        return self::allowed($choice, self::turns($slugs), $stopped);
    }

    /**
     * @param list<string> $turns
     * @param list<string> $stopped
     *
     * @return list<string> those that may go on
     */
    private static function allowed(Choice $choice, array $turns, array $stopped): array
    {
        return array_values(array_filter($turns, static fn(string $slug): bool => ! in_array($slug, $stopped, true) && ! self::isBarred($choice, $slug)));
    }

    /** @param non-empty-list<string> $left */
    private static function from(Choice $choice, array $left): self
    {
        $option = array_values(array_filter($choice->proposed, static fn(Option $one): bool => $one->recipe->slug === $left[0]))[0] ?? null;

        return new self($left[0], count($left) === 1 ? WhyNext::GoesOn : WhyNext::InTurn, $option, $left);
    }

    /**
     * The best that works in another way than some; the best, where none does.
     *
     * @param list<string> $not slugs
     */
    private static function chosen(Choice $choice, WhyNext $why, array $not): self
    {
        $families = [];
        foreach ([...$choice->proposed, ...$choice->excluded] as $option) {
            $families[$option->recipe->slug] = $option->family();
        }
        $tried = array_map(static fn(string $slug): string => $families[$slug] ?? '', $not);
        $others = array_values(array_filter($choice->proposed, static fn(Option $option): bool => ! in_array($option->family(), $tried, true)));
        $best = $others[0] ?? $choice->proposed[0] ?? null;

        return $best === null ? new self(null, WhyNext::Nothing) : new self($best->recipe->slug, $why, $best, [$best->recipe->slug]);
    }

    /**
     * What was sprayed one after the other, each once, the longest ago first; else the last alone: what was sprayed twice in a row before
     * it was given up for it.
     *
     * @param non-empty-list<string> $had slugs, earliest first
     *
     * @return non-empty-list<string> slugs
     */
    public static function turns(array $had): array
    {
        $slugs = array_reverse($had);
        $turn = 1;
        while (isset($slugs[$turn]) && ! in_array($slugs[$turn], array_slice($slugs, 0, $turn), true)) {
            ++$turn;
        }

        return isset($slugs[$turn]) && $slugs[$turn] !== $slugs[0] ? [$slugs[0]] : array_reverse(array_slice($slugs, 0, $turn));
    }

    /** Whether the choice knows it and speaks against it for good: what wants care goes on with care, and what passes puts it off. */
    private static function isBarred(Choice $choice, string $slug): bool
    {
        return array_filter($choice->excluded, static fn(Option $option): bool => $option->recipe->slug === $slug && array_filter($option->excluded, static fn(Reason $one): bool => ! $one->finding->wantsCare() && $one->verdict?->finding->passes() !== true) !== []) !== [];
    }
}
