<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Evidence\Association;

/** Says what went with success or failure, and that it need not be why. */
final class AssociationWords
{
    public static function of(Association $one): string
    {
        /** @var array<string, array{string, string}> $words */
        $words = require __DIR__ . '/../../data/fact-words.php';
        [$with, $without] = $words[$one->fact->value] ?? throw MissingWords::becauseOf($one->fact->value);

        return sprintf(
            'Worked in %d of %d %s, in %d of %d %s (difference %d to %d points; Newcombe 1998). It went together; that need not be the cause.',
            $one->worked,
            $one->of,
            $with,
            $one->otherWorked,
            $one->otherOf,
            $without,
            (int) round(100.0 * $one->low),
            (int) round(100.0 * $one->high),
        );
    }
}
