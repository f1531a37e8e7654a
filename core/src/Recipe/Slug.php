<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Data\InputLines;

/** Makes the short name by which a recipe is kept from the name that somebody gave it. */
final class Slug
{
    /** Room for a number behind it within the 100 characters of a slug. */
    private const LONGEST = InputLines::LONGEST_MADE_SLUG['value'];

    /** @param callable(string): bool $taken whether a recipe of that slug is there already */
    public static function of(string $name, callable $taken): string
    {
        $plain = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower(mb_scrub($name))), '-');
        $stem = $plain === '' ? 'recipe' : rtrim(substr($plain, 0, self::LONGEST), '-');
        $slug = $stem;
        for ($n = 2; $taken($slug); ++$n) {
            $slug = "{$stem}-{$n}";
        }

        return $slug;
    }
}
