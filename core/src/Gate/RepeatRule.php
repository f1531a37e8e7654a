<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\SafetyLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Safety\Ceiling;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Words\Say;

/**
 * What leaves get in any seven days, by what they really had and by the interval that is planned: what one round holds is judged by itself,
 * and what is rinsed off within a day counts a quarter. Two strong rounds of oil are kept apart besides.
 */
final readonly class RepeatRule implements Rule
{
    private const WEEK = SafetyLines::DAYS_A_WEEK['value'];

    public function __construct(private Limits $limits) {}

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function verdicts(Question $question): array
    {
        return $question->wetsLeaves() ? array_values(array_filter([
            $this->ofWeek(SubstanceGroup::Oil, $question),
            $this->ofWeek(SubstanceGroup::Essential, $question),
            self::strong($question),
        ])) : [];
    }

    private function ofWeek(SubstanceGroup $what, Question $question): ?Verdict
    {
        $percent = $question->spray->strengths->in($what);
        if ($percent <= 0.0) {
            return null;
        }
        $kept = $question->spray->rinsed ? SafetyLines::RINSED['value'] : 1.0;
        $planned = $question->everyDays === null || $question->everyDays >= self::WEEK ? null : $kept * $percent * ceil(self::WEEK / $question->everyDays);
        $had = self::had($what, $question);
        $lately = $had > 0.0 ? $had + $kept * $percent : null;

        return match (true) {
            $lately !== null && $lately >= ($planned ?? 0.0) => $this->verdict($what, $lately, $percent, [], $question, false),
            $planned !== null => $this->verdict($what, $planned, $percent, ['days' => $question->everyDays ?? self::WEEK], $question, true),
            default => null,
        };
    }

    /** Percent that the leaves got within the last seven days. */
    private static function had(SubstanceGroup $what, Question $question): float
    {
        $sum = 0.0;
        foreach ($question->whom->had->rounds ?? [] as $round) {
            $sum += $round->daysAgo < self::WEEK ? $round->onLeaf($what) * ($round->rinsed ? SafetyLines::RINSED['value'] : 1.0) : 0.0;
        }

        return $sum;
    }

    /** @param array<string, float> $interval */
    private function verdict(SubstanceGroup $what, float $week, float $percent, array $interval, Question $question, bool $planned): Verdict
    {
        $limit = $this->limits->get("{$what->value}-a-week");
        $stop = $this->limits->get("{$what->value}-a-week-stop");
        $level = match (true) {
            $week <= $limit->value * (1 + Ceiling::ROUNDING) => Level::Ok,
            $week <= $stop->value * (1 + Ceiling::ROUNDING) => Level::Caution,
            default => Level::Stop,
        };

        return Verdict::of(WeekFinding::of($what, $level, $planned), [
            'what' => $what->words(),
            'percent' => $percent,
            ...$interval,
            'week' => $week,
            'limit' => $limit->value,
            'stop' => $stop->value,
            'rinsed' => $planned && $question->spray->rinsed ? Say::it('gate/repeat-rule.rinsed-off-each-time') : '',
        ], $level === Level::Stop ? $stop->source : $limit->source);
    }

    /** A strong round after another that was not rinsed off. */
    private static function strong(Question $question): ?Verdict
    {
        $from = GateLines::STRONG_OIL['value'] * (1 - Ceiling::ROUNDING);
        if ($question->spray->rinsed || $question->spray->strengths->in(SubstanceGroup::Oil) < $from || ! $question->lands(Surface::Leaf)) {
            return null;
        }
        $last = null;
        foreach ($question->whom->had->rounds ?? [] as $round) {
            $last = ! $round->rinsed && $round->onLeaf(SubstanceGroup::Oil) >= $from ? min($last ?? \INF, $round->daysAgo) : $last;
        }

        return match (true) {
            $last === null || $last > GateLines::STRONG_OIL_MIND['value'] => null,
            default => Verdict::of(
                $last <= GateLines::STRONG_OIL_STOP['value'] ? Finding::StrongOilAgainStop : Finding::StrongOilAgainCaution,
                ['days' => $last, 'limit' => GateLines::STRONG_OIL['value'], 'apart' => $last <= GateLines::STRONG_OIL_STOP['value'] ? GateLines::STRONG_OIL_STOP['value'] : GateLines::STRONG_OIL_MIND['value']],
                GateLines::STRONG_OIL['source'],
            ),
        };
    }
}
