<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Association;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\NextBatch;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\VerdictReason;
use IdleMixer\Core\Words\Say;

/** Says what can be relied on in a record, and what cannot. */
final class RecordWords
{
    /** Fewer judged rounds than this say little: our own line. */
    private const FEW = EvidenceLines::FEW_ROUNDS['value'];

    public static function verdict(RecordVerdict $verdict): string
    {
        return match ($verdict) {
            RecordVerdict::Keep => Say::it('wording/record-words.keep'),
            RecordVerdict::Tune => Say::it('wording/record-words.tune'),
            RecordVerdict::Drop => Say::it('wording/record-words.drop'),
            RecordVerdict::NotEnough => Say::it('wording/record-words.not-enough'),
        };
    }

    /**
     * What to take against what: the best spray of each trouble that is kept or to be tuned, what is kept first.
     *
     * @param list<array{string, string, RecordVerdict}> $best name of the trouble, of the spray, and its verdict
     */
    public static function inShort(array $best): string
    {
        $kept = $tuned = [];
        foreach ($best as [$trouble, $spray, $verdict]) {
            match ($verdict) {
                RecordVerdict::Keep => $kept[] = Say::it('wording/record-words.take', ['trouble' => $trouble, 'spray' => $spray]),
                RecordVerdict::Tune => $tuned[] = Say::it('wording/record-words.take-tuned', ['trouble' => $trouble, 'spray' => $spray]),
                RecordVerdict::Drop, RecordVerdict::NotEnough => null,
            };
        }

        return $kept === [] && $tuned === [] ? Say::it('wording/record-words.nothing-sure') : implode(' ', [...$kept, ...$tuned]);
    }

    /** Why the verdict is what it is, with the line that it hangs on. */
    public static function reason(RecordFacts $record): string
    {
        $judged = $record->tally->judged;

        return strtr(match ($record->reason) {
            VerdictReason::FewRounds => Say::it('wording/record-words.few-rounds'),
            VerdictReason::ByItself => $record->tally->alone > $record->tally->compared
                ? Say::it('wording/record-words.by-itself')
                : Say::it('wording/record-words.by-itself.came-down-but-in-of'),
            VerdictReason::DoesNothing => Say::it('wording/record-words.does-nothing'),
            VerdictReason::OnlyWithHand => Say::it('wording/record-words.only-with-hand'),
            VerdictReason::Burns => Say::it('wording/record-words.burns'),
            VerdictReason::Helps => Say::it('wording/record-words.helps'),
            VerdictReason::Works => Say::it('wording/record-words.works'),
        }, [
            '{few}' => (string) self::FEW,
            '{are}' => $judged === 1 ? 'is 1' : Say::it('wording/record-words.are', ['judged' => $judged]),
            '{unclear}' => (string) ($judged - $record->tally->clear),
            '{judged}' => (string) $judged,
            '{alone}' => self::count($record->tally->alone, 'round'),
            '{worked}' => (string) $record->tally->worked,
            '{median}' => self::left($record->median ?? 0.0),
            '{helped}' => Figures::short(EvidenceLines::HELPED_FROM['value']),
            '{burnt}' => (string) $record->tally->burntAfter,
            '{rounds}' => self::count($record->tally->rounds, 'round'),
        ]);
    }

    /**
     * What to do with the next batch, in one sentence.
     *
     * @param list<Association> $went those that stand
     */
    public static function next(NextBatch $next, RecordFacts $record, array $went): string
    {
        return match ($next) {
            NextBatch::Same => Say::it('wording/record-words.next-same'),
            NextBatch::CountMore => Say::it('wording/record-words.next-count-more', ['rounds' => self::count(max(1, self::FEW - $record->tally->judged), 'round')]),
            NextBatch::Compare => Say::it('wording/record-words.next-compare'),
            NextBatch::AnotherWay => Say::it('wording/record-words.next-another-way'),
            NextBatch::WithoutHand => Say::it('wording/record-words.next-without-hand'),
            NextBatch::Weaker => Say::it('wording/record-words.next-weaker'),
            NextBatch::AsWhereItWorked => Say::it('wording/record-words.next-as-where-it-worked', ['side' => $went === [] ? '' : AssociationWords::better($went[0])]),
            NextBatch::Oftener => Say::it('wording/record-words.next-oftener'),
            NextBatch::Stronger => Say::it('wording/record-words.next-stronger'),
            NextBatch::ByItsLabel => Say::it('wording/record-words.next-by-its-label'),
        };
    }

    /** What a household found of a spray, for the bench. */
    public static function own(int $worked, int $judged, string $plant): string
    {
        return Say::it('wording/record-words.here-worked-in-of', ['worked' => $worked, 'judged' => $judged, 'value' => $plant === '' ? '.' : Say::it('wording/record-words.last-on', ['plant' => $plant])]);
    }

    /** @return list<string> sentences */
    public static function of(RecordFacts $record): array
    {
        $judged = $record->tally->judged;
        $interval = $record->share;
        $words = [self::reason($record)];
        if ($interval === null) {
            $words[] = Say::it('wording/record-words.nothing-to-judge-yet-count');
        } else {
            $words[] = Say::it('wording/record-words.worked-in-of-from-so', ['worked' => $record->tally->worked, 'count' => self::count($judged, Say::it('wording/record-words.judged-round')), 'round' => (int) round(100 * $interval->low), 'round-2' => (int) round(100 * $interval->high)]);
            $words[] = self::effect($record);
            $words[] = self::comparison($record->tally->compared, $judged);
        }
        if ($record->tally->withHandWork > 0) {
            $words[] = Say::it('wording/record-words.came-with-pruning-wiping-or', ['count' => self::count($record->tally->withHandWork, 'round')]);
        }
        if ($record->tally->unproven > 0) {
            $words[] = Say::it('wording/record-words.went-without-proof-on-leaves', ['count' => self::count($record->tally->unproven, 'round')]);
        }
        if ($record->tally->burntAfter > 0) {
            $words[] = Say::it('wording/record-words.leaves-burnt-after', ['count' => self::count($record->tally->burntAfter, 'round')]);
        }
        if ($record->tally->marked > 0) {
            $marked = Interval::exact($record->tally->marked, $record->tally->leafTests);
            $words[] = Say::it('wording/record-words.of-left-marks-from-so', ['burned' => $record->tally->marked, 'count' => self::count($record->tally->leafTests, Say::it('wording/record-words.leaf-test')), 'round' => (int) round(100 * $marked->low), 'round-2' => (int) round(100 * $marked->high)]);
        }

        return $words;
    }

    /** What it leaves over its cases, and between what: “80 % fewer, from 12 % more to 95 % fewer”; empty where nothing is judged. */
    public static function range(RecordFacts $record): string
    {
        $estimate = $record->estimate;

        return $estimate === null ? '' : Say::it('wording/record-words.from-to', ['left' => self::left($estimate->percent), 'left-2' => self::left($estimate->low), 'left-3' => self::left($estimate->high)]);
    }

    /** How far it brings the pest down over its cases, and what is made of that with what its family does. */
    private static function effect(RecordFacts $record): string
    {
        $estimate = $record->estimate;

        return $estimate === null ? '' : Say::it('wording/record-words.over-leaves', ['count' => self::count($estimate->cases, 'case'), 'left' => self::left($estimate->percent), 'left-2' => self::left($estimate->low), 'left-3' => self::left($estimate->high), 'left-4' => self::left($record->shrunk)]);
    }

    /** “95 % fewer”, “40 % more”; beyond twice as many a figure says nothing. */
    private static function left(float $percent): string
    {
        $whole = round($percent);

        return match (true) {
            $whole === 0.0 => Say::it('wording/record-words.no-fewer'),
            $whole > 0.0 => Say::it('wording/record-words.fewer', ['percent' => Figures::short($whole)]),
            $whole >= -EvidenceLines::TOLD_MORE['value'] => Say::it('wording/record-words.more', ['percent' => Figures::short(-$whole)]),
            default => Say::it('wording/record-words.more-than-twice-as-many'),
        };
    }

    private static function comparison(int $compared, int $judged): string
    {
        return $compared === 0
            ? Say::it('wording/record-words.no-unsprayed-plant-was-counted')
            : Say::it('wording/record-words.of-compared-with-unsprayed-plant', ['compared' => $compared, 'judged' => $judged]);
    }

    private static function count(int $number, string $what): string
    {
        return "{$number} {$what}" . ($number === 1 ? '' : 's');
    }
}
