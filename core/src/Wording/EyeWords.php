<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\LeafLines;

/** Says how an eye reads shares of leaves. */
final class EyeWords
{
    public static function of(?float $agreement, ?float $low, ?float $high): string
    {
        $line = Figures::percent(LeafLines::EYE_LOW['value']);
        $words = array_values(array_filter([self::side($low, "below {$line} %"), self::side($high, "from {$line} % on")], static fn(?string $one): bool => $one !== null));
        $start = $words === [] ? 'Your eye reads true: off by less than ' . Figures::short(LeafLines::EYE_OFF['value']) . ' points at the mean.' : 'You read ' . implode(', and ', $words) . '.';

        return $agreement === null ? $start : $start . sprintf(' Agreement %.2f of 1 (Lin 1989).', $agreement);
    }

    private static function side(?float $bias, string $where): ?string
    {
        return $bias === null || abs($bias) < LeafLines::EYE_OFF['value'] ? null : Figures::short(abs(round($bias))) . ' points ' . ($bias > 0.0 ? 'high' : 'low') . " {$where}";
    }
}
