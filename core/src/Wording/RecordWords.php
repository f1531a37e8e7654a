<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\VerdictReason;

/** Says what can be relied on in a record, and what cannot. */
final class RecordWords
{
    /** Fewer judged rounds than this say little: our own line. */
    private const FEW = EvidenceLines::FEW_ROUNDS['value'];

    public const HAND_WORK = 'It came with pruning, wiping or a water jet the same day: that may have done the work.';

    public static function verdict(RecordVerdict $verdict): string
    {
        return match ($verdict) {
            RecordVerdict::Keep => 'Keep it.',
            RecordVerdict::Tune => 'Tune it.',
            RecordVerdict::Drop => 'Drop it: take another.',
            RecordVerdict::NotEnough => 'Not enough to say.',
        };
    }

    /** Why the verdict is what it is, with the line that it hangs on. */
    public static function reason(Record $record): string
    {
        $judged = count($record->judged());

        return strtr(match ($record->reason()) {
            VerdictReason::FewRounds => 'Under {few} judged rounds nothing is said (our own limit); there {are}.',
            VerdictReason::ByItself => $record->wentAlone() > $record->compared()
                ? 'It came down, but so did the unsprayed plant beside it in {alone}: nothing says that the spray did it.'
                : 'It came down, but in {unclear} of {judged} no further than it may have gone by itself: count an unsprayed plant beside it.',
            VerdictReason::DoesNothing => 'In the middle {median}, and {helped} % fewer are asked for (our own limit).',
            VerdictReason::OnlyWithHand => 'It came with pruning, wiping or a water jet each time: who did the work? Spray one plant without.',
            VerdictReason::Burns => 'Leaves burnt after {burnt} of {rounds} (a quarter and more is too often; our own limit): weaken it.',
            VerdictReason::Helps => 'Worked in {worked} of {judged}, and two of three are needed (our own limit): change dose, interval, or the way it is put on.',
            VerdictReason::Works => 'Worked in {worked} of {judged}, and two of three are needed (our own limit).',
        }, [
            '{few}' => (string) self::FEW,
            '{are}' => $judged === 1 ? 'is 1' : "are {$judged}",
            '{unclear}' => (string) ($judged - $record->clear()),
            '{judged}' => (string) $judged,
            '{alone}' => self::count($record->wentAlone(), 'round'),
            '{worked}' => (string) $record->worked(),
            '{median}' => self::left($record->medianReduction() ?? 0.0),
            '{helped}' => Figures::short(EvidenceLines::HELPED_FROM['value']),
            '{burnt}' => (string) $record->burntAfter(),
            '{rounds}' => self::count($record->rounds(), 'round'),
        ]);
    }

    /** What a household found of a spray, for the bench. */
    public static function own(int $worked, int $judged, string $plant): string
    {
        return "Here it worked in {$worked} of {$judged}" . ($plant === '' ? '.' : ", last on {$plant}.");
    }

    /** @return list<string> sentences */
    public static function of(Record $record): array
    {
        $judged = count($record->judged());
        $interval = $record->interval();
        $words = [self::reason($record)];
        if ($interval === null) {
            $words[] = 'Nothing to judge yet: count before spraying, and again at the fair look.';
        } else {
            $words[] = sprintf(
                'Worked in %d of %s; from so few, the true share may be anything from %d to %d %% (19 times of 20, rounds of one case taken together).',
                $record->worked(),
                self::count($judged, 'judged round'),
                (int) round(100 * $interval->low),
                (int) round(100 * $interval->high),
            );
            $words[] = self::effect($record);
            $words[] = self::comparison($record->compared(), $judged);
        }
        if ($record->withHandWork() > 0) {
            $words[] = self::count($record->withHandWork(), 'round') . ' came with pruning, wiping or a water jet the same day: that may have done the work.';
        }
        if ($record->unproven() > 0) {
            $words[] = self::count($record->unproven(), 'round') . ' went without proof on leaves, for a reason that stands with it.';
        }
        if ($record->burntAfter() > 0) {
            $words[] = 'Leaves burnt after ' . self::count($record->burntAfter(), 'round') . '.';
        }
        if ($record->burned > 0) {
            $marked = Interval::exact($record->burned, $record->leafTests);
            $words[] = sprintf('%d of %s left marks; from so few, it may be %d to %d %% of them (exact, 19 times of 20).', $record->burned, self::count($record->leafTests, 'leaf test'), (int) round(100 * $marked->low), (int) round(100 * $marked->high));
        }

        return $words;
    }

    /** What it leaves over its cases, and between what: “80 % fewer, from 12 % more to 95 % fewer”; empty where nothing is judged. */
    public static function range(Record $record): string
    {
        $estimate = $record->estimate();

        return $estimate === null ? '' : self::left($estimate->percent) . ', from ' . self::left($estimate->low) . ' to ' . self::left($estimate->high);
    }

    /** How far it brings the pest down over its cases, and what is made of that with what its family does. */
    private static function effect(Record $record): string
    {
        $estimate = $record->estimate();

        return $estimate === null ? '' : sprintf(
            'Over %s it leaves %s (from %s to %s; Student 1908, on the logarithm of what is left). Moved towards what its family does: %s.',
            self::count($estimate->cases, 'case'),
            self::left($estimate->percent),
            self::left($estimate->low),
            self::left($estimate->high),
            self::left($record->shrunk()),
        );
    }

    /** “95 % fewer”, “40 % more”; beyond twice as many a figure says nothing. */
    private static function left(float $percent): string
    {
        $whole = round($percent);

        return match (true) {
            $whole === 0.0 => 'no fewer',
            $whole > 0.0 => Figures::short($whole) . ' % fewer',
            $whole >= -EvidenceLines::TOLD_MORE['value'] => Figures::short(-$whole) . ' % more',
            default => 'more than twice as many',
        };
    }

    private static function comparison(int $compared, int $judged): string
    {
        return $compared === 0
            ? 'No unsprayed plant was counted alongside, so the weather may have helped.'
            : sprintf('%d of %d compared with an unsprayed plant (Henderson and Tilton 1955; Abbott 1925 where nothing was counted before).', $compared, $judged);
    }

    private static function count(int $number, string $what): string
    {
        return "{$number} {$what}" . ($number === 1 ? '' : 's');
    }
}
