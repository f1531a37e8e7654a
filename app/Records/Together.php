<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connection;

/** All of it is kept, or nothing. The framework's own way goes past `commit` and would keep the turn to write for ever. */
final class Together
{
    /** @param callable(): mixed $do */
    public static function of(Connection $notebook, callable $do): void
    {
        $level = $notebook->transactionLevel();
        $notebook->beginTransaction();
        try {
            $do();
            $notebook->commit();
        } finally {
            $notebook->rollBack($level);
        }
    }
}
