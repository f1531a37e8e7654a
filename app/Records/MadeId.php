<?php

declare(strict_types=1);

namespace App\Records;

/** An identity that the same words give again, in the form of a UUID. */
final class MadeId
{
    private const DIGITS = 32;

    public static function of(string $words): string
    {
        $digits = substr(hash('sha256', $words), 0, self::DIGITS);

        return implode('-', [substr($digits, 0, 8), substr($digits, 8, 4), substr($digits, 12, 4), substr($digits, 16, 4), substr($digits, 20)]);
    }
}
