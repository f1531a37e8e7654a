<?php

declare(strict_types=1);

namespace App\Notebook;

use Illuminate\Database\PostgresConnection;

/**
 * A notebook that several machines write to, in a database of PostgreSQL. Whoever writes waits for its turn, as in the file of one
 * household: what a call reads first cannot change before it writes.
 */
final class SharedConnection extends PostgresConnection
{
    /** Any number that all of them agree on; the database gives the turn back with the transaction. */
    private const TURN = 'select pg_advisory_xact_lock(18217)';

    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        $this->getPdo()->exec(self::TURN);
    }
}
