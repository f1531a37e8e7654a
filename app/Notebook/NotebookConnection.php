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

    /** Each time that something was written counts, so that what was answered before is told from what is so now. */
    private const COUNT = 'update notebook set written = written + 1';

    /** What SQLite answers to a statement about what is not there (SQLITE_ERROR, https://www.sqlite.org/rescode.html). */
    private const NOT_THERE = 1;

    private const WRITES = '/\A\s*(insert|update|delete|replace)\b/i';

    private ?Turn $turn = null;

    /** Rows that this connection had changed when its transaction began. */
    private int $changed = 0;

    protected function executeBeginTransactionStatement(): void
    {
        $this->turn ??= new Turn(is_string($file = $this->getConfig('turn')) ? $file : '');
        // Before the turn: where the file is gone, whoever tells so needs the turn.
        $pdo = $this->getPdo();
        $this->turn->take();
        try {
            $pdo->beginTransaction();
            $pdo->exec(self::TAKE_THE_LOCK);
            $this->changed = self::changed($pdo);
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

    /**
     * However a transaction was begun, this is said before it is kept.
     *
     * @param string $event
     *
     * @return array<mixed>|null
     */
    protected function fireConnectionEvent($event): ?array
    {
        // A call that only asked in the turn of those who write has made nothing otherwise.
        if ($event === 'committing' && self::changed($this->getPdo()) !== $this->changed) {
            self::count($this->getPdo());
        }

        return parent::fireConnectionEvent($event);
    }

    /**
     * @param string       $query
     * @param array<mixed> $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        $done = parent::statement($query, $bindings);
        $this->countAlone($query);

        return $done;
    }

    /**
     * @param string       $query
     * @param array<mixed> $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        $affected = parent::affectingStatement($query, $bindings);
        $this->countAlone($query);

        return $affected;
    }

    /** What is written outside of a transaction is one by itself. */
    private function countAlone(string $query): void
    {
        if ($this->transactions === 0 && preg_match(self::WRITES, $query) === 1) {
            self::count($this->getPdo());
        }
    }

    /** How many rows it has changed since it was opened (https://www.sqlite.org/lang_corefunc.html#total_changes). */
    private static function changed(\PDO $pdo): int
    {
        $asked = $pdo->query('select total_changes()');

        return $asked === false ? 0 : (int) $asked->fetchColumn();
    }

    private static function count(\PDO $pdo): void
    {
        try {
            $pdo->exec(self::COUNT);
        } catch (\PDOException $e) {
            // One that is being made, or brought forward, has nothing to count by yet.
            if (($e->errorInfo[1] ?? null) !== self::NOT_THERE) {
                throw $e;
            }
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
