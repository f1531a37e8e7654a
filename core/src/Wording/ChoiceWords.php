<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\Choice;
use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Choice\Reason;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\Finding;
use IdleMixer\Core\Trouble\TroubleKind;

/** Puts what speaks for and against a spray into sentences. */
final readonly class ChoiceWords
{
    private const SURE = [3 => 'everybody finds so', 2 => 'most find so', 1 => 'some find so'];

    /**
     * @param array<string, string> $reasons
     * @param array<string, string> $cannot
     * @param array<string, string> $severity
     */
    public function __construct(private array $reasons, private array $cannot, private array $severity, private SourceCatalogue $sources, private Sentences $sentences) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $reasons */
        $reasons = require __DIR__ . '/../../data/choice-words.php';
        /** @var array<string, string> $cannot */
        $cannot = require __DIR__ . '/../../data/cannot-words.php';
        /** @var array<string, string> $severity */
        $severity = require __DIR__ . '/../../data/severity-words.php';

        return new self($reasons, $cannot, $severity, SourceCatalogue::shipped(), Sentences::shipped());
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function reason(Reason $reason, Option $option): string
    {
        $hours = (float) ($reason->args['hours'] ?? 0.0);

        return $this->fill($this->reasons[$reason->code] ?? throw MissingWords::becauseOf($reason->code), $reason, [
            'wait' => Durations::words($hours),
            'sure' => self::SURE[(int) ($reason->args['sure'] ?? 0)] ?? '',
            'work' => Choices::orderInShort($option->recipe->order),
        ]);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function exclusion(Reason $reason, Option $option, Situation $situation): string
    {
        return $this->fill($this->cannot[$reason->code] ?? throw MissingWords::becauseOf($reason->code), $reason, [
            'name' => $option->recipe->name,
            'trouble' => lcfirst($situation->trouble->name),
            'plant' => $situation->plant->name,
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
            '{plant}' => $situation->plant->name,
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
            Finding::NothingSeen => 'Tick what you see. Look under leaves, in the joints, at the base and at the pot rim.',
            Finding::CannotTell => 'Cannot tell yet. One of these looks would help most.',
            Finding::NoneFits => 'None of these: nothing that is listed, nor two of it, brings these signs. Here is what to look at.',
            Finding::Likely => 'The chance is among what is listed here only (our own model).',
            Finding::ProbablyNoPest => 'Probably not a pest. A spray would not help; mend what troubles the plant.',
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
            $pairs['{from}'] = $pairs['{limit-from}'] = $source->standing->words() . ($source->fromMemory ? ', noted from memory' : '');
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
