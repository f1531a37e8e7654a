<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\Enemy;
use IdleMixer\Core\Trouble\TroubleKind;
use IdleMixer\Core\Trouble\UnknownEnemy;

/** Says what to do about a trouble. What fits at all, and in which order, is the chooser's to say; when a spray is worth it, the thresholds'. */
final readonly class Adviser
{
    public function __construct(private Chooser $chooser, private Thresholds $thresholds, private Enemies $enemies, private Containment $containment, private Helps $helps) {}

    public static function shipped(): self
    {
        return new self(Chooser::shipped(), Thresholds::shipped(), Enemies::shipped(), Containment::shipped(), Helps::shipped());
    }

    /** @throws UnknownEnemy when an enemy was seen that nobody knows */
    public function advise(Situation $situation): Advice
    {
        $choice = $this->chooser->choose($situation);
        $managing = $this->enemies->managing($situation->trouble->slug, $situation->seen, $situation->count);
        [$three, $passed] = self::three($choice->proposed, $situation);
        $others = array_values(array_filter($choice->proposed, static fn(Option $option): bool => ! in_array($option, $three, true)));
        $missing = self::missing($choice->proposed, $three);

        return new Advice(
            $this->whether($choice, $situation, $managing),
            $this->containment->steps($situation->trouble, $situation->plant),
            $this->helps->against($situation->trouble->slug, $situation->plant->site, $managing !== []),
            $three,
            $others,
            $passed,
            $choice->excluded,
            $missing,
            $this->hurt($choice->proposed, $situation),
        );
    }

    /** @param list<Enemy> $managing enemies that do the work */
    private function whether(Choice $choice, Situation $situation, array $managing): Whether
    {
        $line = $this->thresholds->of($situation->trouble->slug);
        $practice = ChoiceLines::LOOK_AGAIN['source'];
        $works = array_filter([...$choice->proposed, ...$choice->excluded], static fn(Option $option): bool => $option->effects !== []) !== [];
        $isHeavy = $situation->severity === Severity::Heavy;
        $isEnough = $isHeavy || $situation->severity === $line->from || $line->from === Severity::Light;

        return match (true) {
            $situation->isPastWinter() => new Whether(WhyWhether::Winter, ChoiceLines::WINTER['value'], ChoiceLines::WINTER['source']),
            ! $works => new Whether(WhyWhether::NoneWorks, ChoiceLines::LOOK_AGAIN['value'], $practice),
            $situation->plant->dryRoot => new Whether(WhyWhether::Dry, ChoiceLines::AFTER_WATER['value'], ChoiceLines::AFTER_WATER['source']),
            $choice->proposed === [] => new Whether(WhyWhether::NoneNow, ChoiceLines::LOOK_AGAIN['value'], $practice),
            $line->warm !== null && $situation->celsius !== null && $situation->celsius >= $line->warm => new Whether($isEnough ? self::enough($isHeavy, $situation) : WhyWhether::Warm, null, $line->source),
            $line->crowds && $situation->crowded => new Whether($isEnough ? self::enough($isHeavy, $situation) : WhyWhether::Crowded, null, $line->source),
            $managing !== [] => new Whether(WhyWhether::Enemies, $isHeavy ? ChoiceLines::ENEMIES_HEAVY['value'] : ChoiceLines::ENEMIES['value'], $managing[0]->source, array_map(static fn(Enemy $enemy): string => $enemy->slug, $managing)),
            self::isPicked($situation) => new Whether(WhyWhether::Picked, ChoiceLines::LOOK_AGAIN['value'], ChoiceLines::PICKED['source']),
            $isEnough => new Whether(self::enough($isHeavy, $situation), null, $line->source),
            default => new Whether(WhyWhether::Few, $line->wait, $line->source),
        };
    }

    private static function enough(bool $isHeavy, Situation $situation): WhyWhether
    {
        return match (true) {
            $situation->trouble->kind === TroubleKind::Fungus => WhyWhether::FirstSpots,
            $isHeavy => WhyWhether::Heavy,
            default => WhyWhether::Many,
        };
    }

    /** Whether it is picked before a spray would have done its work. */
    private static function isPicked(Situation $situation): bool
    {
        return $situation->plant->harvestInDays !== null && $situation->plant->harvestInDays <= ChoiceLines::PICKED['value'];
    }

    /**
     * The three, each of which works in a way of its own or is put on otherwise; what cannot be made here is none of them, and what the
     * household wrote itself against this trouble is always one.
     *
     * @param list<Option> $ranked best first
     *
     * @return array{list<Option>, array<string, PassedOver>} and why each of the others is none of them
     */
    private static function three(array $ranked, Situation $situation): array
    {
        $three = $passed = [];
        foreach ($ranked as $option) {
            $why = self::neverOne($option) ?? (self::isOwn($option, $situation) ? null : self::passedOver($option, $three));
            if ($why !== null) {
                $passed[$option->recipe->slug] = $why;
                continue;
            }
            $last = count($three) === ChoiceLines::PROPOSED['value'] ? array_pop($three) : null;
            $passed += $last === null ? [] : [$last->recipe->slug => PassedOver::Behind];
            $three[] = $option;
        }
        // Where all have something against them, the best of what can be made is better than nothing.
        $makeable = array_values(array_filter($ranked, static fn(Option $option): bool => $option->missing() === 0));
        if ($three === [] && $makeable !== []) {
            $three = [$makeable[0]];
            unset($passed[$makeable[0]->recipe->slug]);
        }

        return [$three, $passed];
    }

    /** Why it is none of the three, whoever wrote it. */
    private static function neverOne(Option $option): ?PassedOver
    {
        return match (true) {
            $option->missing() > 0 => PassedOver::Missing,
            $option->own?->failed() === true => PassedOver::FailedHere,
            default => null,
        };
    }

    /** @param list<Option> $three so far */
    private static function passedOver(Option $option, array $three): ?PassedOver
    {
        return match (true) {
            ! $option->holds() => PassedOver::NotHeld,
            $option->dose?->weak() !== null => PassedOver::TooWeak,
            $option->isOilAgain => PassedOver::OilAgain,
            $option->isSoapOnCopper => PassedOver::SoapOnCopper,
            array_filter($three, static fn(Option $one): bool => $one->worksAs($option)) !== [] => PassedOver::SameWay,
            count($three) === ChoiceLines::PROPOSED['value'] => PassedOver::Behind,
            default => null,
        };
    }

    /** Whether the household wrote it itself, against this trouble. */
    private static function isOwn(Option $option, Situation $situation): bool
    {
        return in_array($option->recipe->slug, array_map(static fn(Recipe $recipe): string => $recipe->slug, $situation->recipes), true) && in_array($situation->trouble->slug, $option->practice->method->against, true);
    }

    /**
     * @param list<Option> $ranked
     * @param list<Option> $three
     */
    private static function missing(array $ranked, array $three): ?Option
    {
        $best = null;
        foreach ($ranked as $option) {
            $best = $option->missing() > 0 && ($best === null || $option->stockedScore() > $best->stockedScore()) ? $option : $best;
        }

        return $best !== null && ($three === [] || $best->stockedScore() > $three[0]->score) ? $best : null;
    }

    /**
     * @param list<Option> $options
     *
     * @return array<string, array<string, int>>
     */
    private function hurt(array $options, Situation $situation): array
    {
        $all = [];
        foreach ($options as $option) {
            foreach (array_keys($situation->seen) as $slug) {
                $days = array_filter(array_map($this->enemies->get($slug)->hurtFor(...), $option->practice->ways), is_int(...));
                $all[$option->recipe->slug] = $days === [] ? $all[$option->recipe->slug] ?? [] : [...$all[$option->recipe->slug] ?? [], $slug => max($days)];
            }
        }

        return $all;
    }
}
