<?php

declare(strict_types=1);

namespace App\Records;

/** Several words in one column, apart by blanks. */
final class Words
{
    /** @return list<string> */
    public static function of(string $stored): array
    {
        return $stored === '' ? [] : explode(' ', $stored);
    }
}
