<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\Choice;
use IdleMixer\Core\Choice\ChoiceFinding;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\TroubleKind;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Puts what speaks for and against a spray into sentences. */
final readonly class ChoiceWords
{
    /**
     * @param array<string, string> $reasons
     * @param array<string, string> $cannot
     * @param array<string, string> $severity
     */
    public function __construct(private array $reasons, private array $cannot, private array $severity, private SourceCatalogue $sources, private Sentences $sentences, private IngredientCatalogue $ingredients) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $reasons */
        $reasons = Say::words('choice-reasons');
        /** @var array<string, string> $cannot */
        $cannot = Say::words('exclusions');
        /** @var array<string, string> $severity */
        $severity = Say::words('severities');

        return new self($reasons, $cannot, $severity, SourceCatalogue::shipped(), Sentences::shipped(), IngredientCatalogue::shipped());
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
     * Why nothing is proposed: nothing works on it, or what works may not be used now.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function noSpray(Choice $choice, Situation $situation): string
    {
        $works = array_filter($choice->excluded, static fn(Option $option): bool => $option->effects !== []) !== [];
        $winter = $situation->stage === 'winter' && ! $situation->plant->isBare();
        $code = match (true) {
            $winter => 'wait-for-winter',
            $works => 'none-now',
            default => 'no-spray-works',
        };

        return strtr($this->cannot[$code] ?? throw MissingWords::becauseOf($code), [
            '{trouble}' => lcfirst($situation->trouble->name),
            '{matters}' => $situation->trouble->matters,
            '{plant}' => $situation->name,
        ]);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function severity(Severity $severity, TroubleKind $kind): string
    {
        $key = ($kind === TroubleKind::Fungus ? 'fungus-' : '') . $severity->value;

        return $this->severity[$key] ?? throw MissingWords::becauseOf($key);
    }

    public static function finding(Finding $finding): string
    {
        return match ($finding) {
            Finding::NothingSeen => Say::it('wording/choice-words.nothing-seen'),
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
        if ($reason->source !== null) {
            $source = $this->sources->get($reason->source);
            $pairs['{from}'] = $pairs['{limit-from}'] = $source->standing->words() . ($source->fromMemory ? Say::it('wording/choice-words.noted-from-memory') : '');
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
