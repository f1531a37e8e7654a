<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\Advice;
use IdleMixer\Core\Choice\ChoiceFinding;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Choice\WhyWhether;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Puts what speaks for and against a spray into sentences. */
final readonly class ChoiceWords
{
    private const HOURS_A_DAY = 24.0;

    /**
     * @param array<string, string> $reasons
     * @param array<string, string> $cannot
     */
    public function __construct(private array $reasons, private array $cannot, private SourceCatalogue $sources, private Sentences $sentences, private IngredientCatalogue $ingredients) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $reasons */
        $reasons = Say::words('choice-reasons');
        /** @var array<string, string> $cannot */
        $cannot = Say::words('exclusions');

        return new self($reasons, $cannot, SourceCatalogue::shipped(), Sentences::shipped(), IngredientCatalogue::shipped());
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function reason(Reason $reason, Option $option): string
    {
        $hours = (float) ($reason->args['hours'] ?? 0.0);

        return $this->fill($this->reasons[$reason->finding->value] ?? throw MissingWords::becauseOf($reason->finding->value), $reason, [
            'wait' => Durations::words($hours),
            'sure' => match ((int) ($reason->args['sure'] ?? 0)) {
                3 => Say::it('wording/choice-words.everybody'),
                2 => Say::it('wording/choice-words.most'),
                1 => Say::it('wording/choice-words.some'),
                default => '',
            },
            'work' => Choices::orderInShort($option->recipe->order),
            ...($reason->finding === ChoiceFinding::StandsIn ? $this->standsIn((string) $reason->args['with'], (string) $reason->args['for'], (string) $reason->args['cost']) : []),
        ]);
    }

    /** What its reasons rest on: each kind of ground once. */
    public function rests(Option $option): string
    {
        $grounds = [];
        foreach ([...$option->for, ...$option->against, ...$option->excluded] as $reason) {
            $source = $reason->source === null ? null : $this->sources->get($reason->source);
            if ($source !== null) {
                $grounds[] = $source->standing->words() . ($source->fromMemory ? Say::it('wording/choice-words.noted-from-memory') : '');
            }
        }

        return $grounds === [] ? '' : Say::it('wording/choice-words.rests', ['on' => implode('; ', array_unique($grounds))]);
    }

    /** @return array{with: string, for: string, costs: string} */
    private function standsIn(string $with, string $for, string $cost): array
    {
        return ['with' => $this->ingredients->get($with)->name, 'for' => lcfirst($this->ingredients->get($for)->name), 'costs' => StandInWords::cost($cost)];
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function exclusion(Reason $reason, Option $option, Situation $situation): string
    {
        return $this->fill($this->cannot[$reason->finding->value] ?? throw MissingWords::becauseOf($reason->finding->value), $reason, [
            'name' => $option->recipe->name,
            'trouble' => lcfirst($situation->trouble->name),
            'plant' => $situation->name,
        ]);
    }

    /**
     * Why nothing is proposed: something is missing, nothing works on it, or what works may not be used now.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function noSpray(Advice $advice, Situation $situation): string
    {
        if ($advice->missing !== null) {
            return Say::it('wording/choice-words.lacking', ['name' => $advice->missing->recipe->name, 'what' => $this->wanted($advice->missing)]);
        }
        $code = match ($advice->whether->why) {
            WhyWhether::Winter => 'wait-for-winter',
            WhyWhether::NoneWorks => 'no-spray-works',
            default => 'none-now',
        };

        return strtr($this->cannot[$code] ?? throw MissingWords::becauseOf($code), [
            '{trouble}' => lcfirst($situation->trouble->name),
            '{matters}' => $situation->trouble->matters,
            '{plant}' => $situation->name,
        ]);
    }

    /**
     * Whether to spray at all: what to do, and why.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function whether(Advice $advice, Situation $situation): string
    {
        $whether = $advice->whether;

        return ucfirst(Say::it("whether/{$whether->why->value}", [
            'trouble' => $situation->trouble->name,
            'plant' => $situation->name,
            'days' => $whether->lookInDays === null ? '' : Durations::words(self::HOURS_A_DAY * $whether->lookInDays),
            'enemies' => ucfirst(WaitedWords::enemies($whether->enemies)),
        ]));
    }

    /**
     * Why a spray that fits is none of the three.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function passedOver(Option $option, Advice $advice): string
    {
        $same = array_values(array_filter($advice->sprays, static fn(Option $one): bool => $one->worksAs($option)))[0] ?? null;

        $why = $advice->passed[$option->recipe->slug];

        return Say::it("passed-over/{$why->value}", [
            'first' => $same->recipe->name ?? '',
            'what' => $this->wanted($option),
        ]);
    }

    /** What is wanted for a spray that would be better than those at hand. */
    public function missing(Option $option): string
    {
        return Say::it('wording/choice-words.missing', ['name' => $option->recipe->name, 'what' => $this->wanted($option)]);
    }

    private function wanted(Option $option): string
    {
        return implode(', ', array_map(fn(string $slug): string => lcfirst($this->ingredients->get($slug)->name), $option->stocked->missing ?? []));
    }

    /** @return list<string> what it does to the natural enemies that were seen */
    public static function hurt(Option $option, Advice $advice): array
    {
        $all = [];
        foreach ($advice->hurt[$option->recipe->slug] ?? [] as $slug => $days) {
            $enemies = lcfirst(Say::it("enemies/{$slug}"));
            $all[] = $days === 0 ? Say::it('wording/choice-words.hurts-wet', ['enemies' => $enemies]) : Say::it('wording/choice-words.hurts-days', ['enemies' => $enemies, 'days' => Durations::words(self::HOURS_A_DAY * $days)]);
        }

        return $all;
    }

    public static function finding(Finding $finding): string
    {
        return match ($finding) {
            Finding::NothingSeen => Say::it('wording/choice-words.nothing-seen'),
            Finding::FoundNothing => Say::it('wording/choice-words.found-nothing'),
            Finding::CannotTell => Say::it('wording/choice-words.cannot-tell'),
            Finding::NoneFits => Say::it('wording/choice-words.none-fits'),
            Finding::Likely => Say::it('wording/choice-words.likely'),
            Finding::ProbablyNoPest => Say::it('wording/choice-words.probably-no-pest'),
        };
    }

    /** @param array<string, string> $more */
    private function fill(string $template, Reason $reason, array $more): string
    {
        $pairs = [];
        foreach ($reason->args as $key => $value) {
            $pairs['{' . $key . '}'] = is_string($value) ? $value : Figures::short((float) $value);
        }
        if ($reason->verdict !== null) {
            $more['verdict'] = $this->sentences->verdict($reason->verdict);
        }
        foreach ($more as $key => $value) {
            $pairs['{' . $key . '}'] = $value;
        }

        return ucfirst(strtr($template, $pairs));
    }
}
