<?php

declare(strict_types=1);

namespace App\Records\Log;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** Reads what entries of a log have in common: identities, times, what they belong to. */
final class Entry
{
    public const LONGEST_NAME = 200;

    public const LONGEST_NOTES = 4_000;

    private const EARLIEST = '1900-01-01T00:00:00Z';

    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/';

    /** @throws InvalidDocument when it is no UUID in small letters */
    public static function id(Node $node): string
    {
        $id = $node->text(36);

        return preg_match(self::UUID, $id) === 1 ? $id : throw $node->fault('{found} is no identity; a UUID in small letters is needed.');
    }

    /** @throws InvalidDocument when it is no time, or after now */
    public static function at(Node $node, DateTimeImmutable $now): DateTimeImmutable
    {
        return $node->instant(new DateTimeImmutable(self::EARLIEST), $now->modify('+1 day'));
    }

    /**
     * The record that an entry belongs to.
     *
     * @template T of Model
     *
     * @param Builder<T> $records
     *
     * @return T
     *
     * @throws InvalidDocument when it is neither here nor stands before in the document
     */
    public static function belongs(Node $node, Builder $records, string $what): Model
    {
        $id = self::id($node);
        $records->withoutGlobalScopes();
        $records->where('submission', $id);

        return $records->first() ?? throw $node->fault("The {$what} {found} is neither in this notebook nor earlier in this document.");
    }

    /**
     * Whether it is here already, taken back or not.
     *
     * @template T of Model
     *
     * @param Builder<T> $records
     *
     * @return T|null
     */
    public static function here(string $id, Builder $records): ?Model
    {
        $records->withoutGlobalScopes();
        $records->where('submission', $id);

        return $records->first();
    }

    /** @throws InvalidDocument when it is neither missing nor a number from 0 to so much */
    public static function amount(?Node $node, float $most): ?float
    {
        return $node?->countUpTo($most);
    }
}
