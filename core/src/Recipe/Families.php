<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** What works in the same way as something else: in turn with it it is no turn. */
final class Families
{
    private const FILE = __DIR__ . '/../../data/families.php';

    /** @param string $way how it works, the main way */
    public static function of(string $way): string
    {
        /** @var array<string, string> $families */
        $families = require self::FILE;

        return $families[$way] ?? $way;
    }
}
