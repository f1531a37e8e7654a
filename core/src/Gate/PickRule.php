<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;

/**
 * From when on a sprayed plant may be picked, by the days that labels give.
 *
 * @phpstan-type WaitRow array{value: int, unit: string, source: string, raw?: int}
 */
final readonly class PickRule implements Rule
{
    /** Below it a detergent is there to wet, and sets no wait. */
    private const WETS = 'weak-detergent';

    /** @param array<string, WaitRow> $waits days, by value of the substance */
    public function __construct(private array $waits, private Limits $limits) {}

    public static function of(Limits $limits): self
    {
        /** @var array<string, WaitRow> $waits */
        $waits = require __DIR__ . '/../../data/picking.php';

        return new self($waits, $limits);
    }

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function verdicts(Question $question): array
    {
        $days = $question->plant->harvestInDays;
        if ($days === null || $question->lands(Surface::Wood) || $question->plant->isEmptyBed()) {
            return [];
        }
        [$wait, $source] = $this->longest($question);

        return [match (true) {
            $question->plant->eatenRaw && $question->spray->has(Substance::Egg) && $days < GateLines::EGG_RAW['value'] => Verdict::of(Finding::EatenRaw, ['days' => $days, 'limit' => GateLines::EGG_RAW['value']], GateLines::EGG_RAW['source']),
            default => Verdict::of($days < $wait ? Finding::PickedSoon : Finding::PickedLater, ['days' => $days, 'limit' => $wait, 'wait-days' => $wait], $source),
        }];
    }

    /**
     * Days from now on until it may be picked, 0 or more.
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function days(Question $question): int
    {
        return $this->longest($question)[0];
    }

    /** @return array{int, string} days, and the key of their source */
    private function longest(Question $question): array
    {
        $longest = [0, array_values($this->waits)[0]['source'] ?? 'labels'];
        foreach ($this->waits as $what => $row) {
            $percent = $question->spray->strengths->percent(Substance::from($what));
            if ($percent <= 0.0 || ($what === Substance::Detergent->value && $percent < $this->limits->value(self::WETS))) {
                continue;
            }
            $days = $question->plant->eatenRaw ? $row['raw'] ?? $row['value'] : $row['value'];
            $longest = $days > $longest[0] ? [$days, $row['source']] : $longest;
        }

        return $longest;
    }
}
