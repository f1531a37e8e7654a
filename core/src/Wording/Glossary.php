<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Habit\Written;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** The words that a gardener may not know, each explained in a sentence or two. */
final class Glossary
{
    /**
     * @return list<GlossaryTerm> in the order of the alphabet
     *
     * @throws MissingWords when one lacks its word or its meaning
     */
    public static function all(): array
    {
        $all = [];
        foreach (Say::words('glossary') as $code => $entry) {
            $all[] = is_array($entry) ? self::term((string) $code, $entry) : throw MissingWords::becauseOf("glossary/{$code}");
        }
        usort($all, static fn(GlossaryTerm $a, GlossaryTerm $b): int => strcasecmp($a->term, $b->term));

        return $all;
    }

    /** @param array<array-key, mixed> $entry */
    private static function term(string $code, array $entry): GlossaryTerm
    {
        $term = $entry['term'] ?? null;
        $means = $entry['means'] ?? null;
        $also = $entry['also'] ?? [];
        if (! is_string($term) || ! is_string($means) || ! is_array($also)) {
            throw MissingWords::becauseOf("glossary/{$code}");
        }

        return new GlossaryTerm($code, $term, array_values(array_filter($also, is_string(...))), Written::marked($means, []));
    }
}
