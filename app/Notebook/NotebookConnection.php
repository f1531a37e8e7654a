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

    private ?Turn $turn = null;

    protected function executeBeginTransactionStatement(): void
    {
        $this->turn ??= new Turn(is_string($file = $this->getConfig('turn')) ? $file : '');
        // Before the turn: where the file is gone, whoever tells so needs the turn.
        $pdo = $this->getPdo();
        $this->turn->take();
        try {
            $pdo->beginTransaction();
            $pdo->exec(self::TAKE_THE_LOCK);
        } catch (\PDOException $e) {
            self::end($pdo);
            $this->turn->hand();
            throw $e;
        }
    }

    public function commit(): void
    {
        parent::commit();
        if ($this->transactions === 0) {
            $this->turn?->hand();
        }
    }

    /** @param int $toLevel */
    protected function performRollBack($toLevel): void
    {
        if ($toLevel === 0) {
            self::end($this->getPdo());
            $this->turn?->hand();
        } else {
            parent::performRollBack($toLevel);
        }
    }

    /** A full disk ends a transaction without PDO's knowing: it is told by one that is begun and ended at once. */
    private static function end(\PDO $pdo): void
    {
        if (! $pdo->inTransaction()) {
            return;
        }
        try {
            $pdo->rollBack();
        } catch (\PDOException) {
            $pdo->exec('begin');
            $pdo->rollBack();
        }
    }
}
