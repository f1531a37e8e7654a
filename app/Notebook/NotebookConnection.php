<?php

declare(strict_types=1);

namespace App\Notebook;

use Illuminate\Database\SQLiteConnection;

/**
 * The notebook, with transactions that take their write lock first. One that begins by reading is refused at once when
 * another writes meanwhile, however long it would be willing to wait; one that begins with the lock waits for its turn.
 */
final class NotebookConnection extends SQLiteConnection
{
    /** A statement that takes the lock and changes nothing. */
    private const TAKE_THE_LOCK = 'update "migrations" set "batch" = "batch" where 0';

    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        $pdo->beginTransaction();
        try {
            $pdo->exec(self::TAKE_THE_LOCK);
        } catch (\PDOException $e) {
            $pdo->rollBack();
            throw $e;
        }
    }
}
