<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** What it costs that one thing stands in for another. */
final class StandInWords
{
    /** @throws MissingWords when the catalogue lacks the sentence */
    public static function cost(string $code): string
    {
        $words = Say::words('stand-ins')[$code] ?? null;

        return is_string($words) ? $words : throw MissingWords::becauseOf("stand-ins/{$code}");
    }
}
