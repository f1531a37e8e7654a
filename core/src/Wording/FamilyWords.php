<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Names the family of a spray. */
final class FamilyWords
{
    private const UNKNOWN = 'unknown';

    public static function of(?SprayFamily $family): string
    {
        /** @var array<string, string> $words */
        $words = Say::words('families');
        $key = $family->value ?? self::UNKNOWN;

        return $words[$key] ?? throw MissingWords::becauseOf($key);
    }
}
