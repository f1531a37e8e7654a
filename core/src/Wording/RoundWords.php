<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Choice\Programme;
use IdleMixer\Core\Schedule\Entry;
use IdleMixer\Core\Schedule\Gap;
use IdleMixer\Core\Schedule\Gaps;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says why an entry of a programme stands on its day, and what a programme leaves open. */
final readonly class RoundWords
{
    private const DAYS = ['days', 'wanted'];

    private const HOURS_A_DAY = 24.0;

    /** @param array<string, string> $words */
    private function __construct(private array $words, private Sentences $sentences) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('rounds');

        return new self($words, Sentences::shipped());
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function entry(Entry $entry, Programme $programme): string
    {
        $fill = ['{recipe}' => $programme->names[(string) $entry->recipe] ?? ''];
        foreach ($entry->args as $name => $value) {
            $fill["{{$name}}"] = match (true) {
                in_array($name, self::DAYS, true) && is_int($value) => self::days($value),
                $name === 'limit' && $entry->because === 'oil-again' && is_int($value) => self::days($value),
                $name === 'before' => '“' . ($programme->names[(string) $value] ?? $value) . '”',
                is_float($value) => Figures::percent($value),
                default => (string) $value,
            };
        }
        $stop = $programme->barred[(string) $entry->recipe] ?? null;
        $fill['{why}'] = $stop === null ? '' : lcfirst($this->sentences->verdict($stop));

        return strtr($this->words[$entry->because] ?? throw MissingWords::becauseOf($entry->because), $fill);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function gap(Gap $gap, Programme $programme): string
    {
        $at = $programme->development;
        $code = $gap->next === null ? 'gap-last' : ($at !== null && $at->bears ? 'gap-born' : 'gap-between');

        return strtr($this->words[$code] ?? throw MissingWords::becauseOf($code), [
            '{last}' => (string) (int) floor($at->lastHatch ?? 0.0),
            '{celsius}' => Figures::short($at->celsius ?? 0.0),
            '{after}' => (string) $gap->after,
            '{next}' => (string) $gap->next,
            '{nymph}' => $at === null ? '' : Durations::words(self::HOURS_A_DAY * max(1.0, round($at->nymph()))),
            '{fit}' => $at === null ? '' : self::days(Gaps::longestApart($at) ?? 1),
        ]);
    }

    private static function days(int $days): string
    {
        return $days === 1 ? '1 day' : Say::it('wording/round-words.days', ['days' => $days]);
    }
}
