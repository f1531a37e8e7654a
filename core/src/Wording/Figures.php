<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Words\Say;

/** Numbers as people read them at arm's length: three figures that matter, kitchen fractions. */
final class Figures
{
    private const FRACTIONS = ['¼' => 1 / 4, '⅓' => 1 / 3, '½' => 1 / 2, '⅔' => 2 / 3, '¾' => 3 / 4, '⅛' => 1 / 8, '⅜' => 3 / 8, '⅝' => 5 / 8, '⅞' => 7 / 8];

    /** From here on a third figure tells how much is missing. */
    private const NEARLY_ALL = 99.0;

    /** Percent, or g per 100 mL; below it a figure says nothing to hands. */
    private const TRACE = 0.05;

    /** Up to so many decimals PHP writes a float without an exponent; and as many places before the point. */
    private const PLAIN_DIGITS = 5;

    /** Share of one within which a number reads as a fraction. */
    private const FRACTION_TOLERANCE = 1e-6;

    /** Three significant figures, no trailing zeros: 0.772, 29.6, 3790. */
    public static function short(float $number): string
    {
        if ($number === 0.0 || ! is_finite($number)) {
            return $number === 0.0 ? '0' : (string) $number;
        }
        $digits = 2 - (int) floor(log10(abs($number)));
        $rounded = round($number, $digits);
        if ($digits <= self::PLAIN_DIGITS && $digits > -self::PLAIN_DIGITS) {
            // A float of three figures is written without trailing zeros as it is.
            return Written::number((string) $rounded);
        }
        $text = number_format($rounded, max(0, min($digits, 6)), '.', '');

        return Written::number(str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text);
    }

    /** Two significant figures, as strengths and shares are said: 0.77, 2.8, 25. What is not yet all is never said to be all: 99.6. */
    public static function percent(float $percent): string
    {
        return $percent <= 0.0 || ! is_finite($percent) || ($percent >= self::NEARLY_ALL && $percent < 100.0)
            ? self::short($percent)
            : self::short(round($percent, 1 - (int) floor(log10($percent))));
    }

    /** One strength by itself; nothing at all is 0. */
    public static function strength(float $of, string $unit): string
    {
        return $of > 0.0 && $of < self::TRACE ? 'a trace' : self::percent($of) . " {$unit}";
    }

    /** From one strength to another in a list; what nobody could taste is a trace, and equal ends are said once. */
    public static function strengths(float $from, float $to, string $unit, string $of): string
    {
        [$low, $high] = [min($from, $to), max($from, $to)];
        if ($high < self::TRACE) {
            return Say::it('wording/figures.trace-of', ['of' => $of]);
        }

        return implode(' to ', array_unique([$low < self::TRACE ? 'a trace' : self::percent($low), self::percent($high)])) . " {$unit} {$of}";
    }

    /** A number of spoons or cups with its fraction: 1½, ¾, 2, 1.3. */
    public static function kitchen(float $number): string
    {
        $whole = (int) floor($number + self::FRACTION_TOLERANCE);
        $rest = $number - $whole;
        if (abs($rest) < self::FRACTION_TOLERANCE) {
            return (string) $whole;
        }
        foreach (self::FRACTIONS as $sign => $value) {
            if (abs($rest - $value) < self::FRACTION_TOLERANCE) {
                return ($whole > 0 ? (string) $whole : '') . $sign;
            }
        }

        return self::short($number);
    }
}
