<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordVerdict;

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
            RecordVerdict::Tune => 'Tune it: dose, interval, or the way it is put on.',
            RecordVerdict::Drop => 'Drop it: take another.',
            RecordVerdict::NotEnough => 'Not enough rounds to say (' . self::FEW . ' and more are; our own line).',
        };
    }

    /** @return list<string> sentences */
    public static function of(Record $record): array
    {
        $judged = count($record->judged());
        $interval = $record->interval();
        $words = [];
        if ($interval === null) {
            $words[] = 'Nothing to judge yet: count before spraying, and again at the fair look.';
        } else {
            $words[] = sprintf(
                'Worked in %d of %s; from so few, the true share may be anything from %d to %d %% (19 times of 20).',
                $record->worked(),
                self::count($judged, 'judged round'),
                (int) round(100 * $interval->low),
                (int) round(100 * $interval->high),
            );
            $words[] = self::comparison($record->compared(), $judged);
        }
        if ($record->withHandWork > 0) {
            $words[] = self::count($record->withHandWork, 'round') . ' came with pruning, wiping or a water jet the same day: that may have done the work.';
        }
        if ($record->burned > 0) {
            $words[] = sprintf('%d of %s left marks.', $record->burned, self::count($record->leafTests, 'leaf test'));
        }

        return $words;
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
