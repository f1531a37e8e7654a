<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Words\Say;

/** Says how an eye reads shares of leaves. */
final class EyeWords
{
    public static function of(?float $agreement, ?float $low, ?float $high): string
    {
        $line = Figures::percent(LeafLines::EYE_LOW['value']);
        $words = array_values(array_filter([self::side($low, Say::it('wording/eye-words.below', ['line' => $line])), self::side($high, "from {$line} % on")], static fn(?string $one): bool => $one !== null));
        $start = $words === [] ? Say::it('wording/eye-words.your-eye-reads-true-off', ['eye-off' => Figures::short(LeafLines::EYE_OFF['value'])]) : Say::it('wording/eye-words.you-read', ['words' => implode(', and ', $words)]);

        return $agreement === null ? $start : Say::it('wording/eye-words.agreement', ['start' => $start, 'agreement' => sprintf('%.2f', $agreement)]);
    }

    private static function side(?float $bias, string $where): ?string
    {
        return $bias === null || abs($bias) < LeafLines::EYE_OFF['value'] ? null : Say::it('wording/eye-words.points', ['bias' => Figures::short(abs(round($bias))), 'value' => $bias > 0.0 ? 'high' : 'low', 'where' => $where]);
    }
}
