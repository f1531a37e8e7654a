<?php

declare(strict_types=1);

namespace App\Records\Log;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Reads what rows of a table have in common: identities and times. */
final class Entry
{
    private const EARLIEST = '1900-01-01T00:00:00Z';

    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/';

    /** @throws InvalidDocument when it is no UUID in small letters */
    public static function id(Node $node): string
    {
        $id = $node->text(36);

        return preg_match(self::UUID, $id) === 1 ? $id : throw $node->fault(Say::it('log/entry.no-identity-uuid-in-small'));
    }

    /** @throws InvalidDocument when it is no time, or after now */
    public static function at(Node $node, DateTimeImmutable $now): DateTimeImmutable
    {
        return $node->instant(new DateTimeImmutable(self::EARLIEST), $now->modify('+1 day'));
    }
}
