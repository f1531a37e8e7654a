<?php

declare(strict_types=1);

namespace App\Declared;

use IdleMixer\Core\Document\Node;

/** What a record was before a change, by column: where a column names a row, it names the identity of that row outside. */
final class Before
{
    /** @return string as a piece of JSON */
    public static function told(Record $record, string $kept, Identities $identities): string
    {
        $before = (array) json_decode($kept, flags: \JSON_THROW_ON_ERROR);
        foreach (self::links($record, $before) as $column => $link) {
            $before[$column] = json_decode($link->told([$column => is_int($before[$column]) ? $before[$column] : null], $identities), flags: \JSON_THROW_ON_ERROR);
        }

        return json_encode((object) $before, Raw::FLAGS);
    }

    /**
     * @throws \IdleMixer\Core\Document\InvalidDocument when these are no columns, or one names what is not here
     */
    public static function kept(Record $record, Node $node, Arrivals $arrivals): string
    {
        $entry = $node->open();
        $before = (array) json_decode($node->json(), flags: \JSON_THROW_ON_ERROR);
        foreach (self::links($record, $before) as $column => $link) {
            $said = $entry->filled($column);
            $before[$column] = $said === null ? null : $link->read(Node::holding([$link->key() => $said], $node->path), $arrivals)[$column] ?? null;
        }

        return json_encode((object) $before, Raw::FLAGS);
    }

    /**
     * @param array<array-key, mixed> $before
     *
     * @return array<string, Link> by column
     */
    private static function links(Record $record, array $before): array
    {
        $links = [];
        foreach ($record->fields() as $field) {
            $column = $field->columns()[0];
            if ($field instanceof Link && isset($before[$column])) {
                $links[$column] = $field;
            }
        }

        return $links;
    }
}
