<?php

declare(strict_types=1);

namespace App\Notebook;

use DateTimeImmutable;
use IdleMixer\Core\Words\Say;
use PDOException;

/**
 * A log that lies beside a notebook and belongs to another file: somebody put a copy in the notebook's place while the log of
 * the one before lay there. SQLite would take the two for one.
 */
final readonly class StrayLog
{
    public function __construct(private Places $places) {}

    /** @return list<string> what is to be told */
    public function setAside(DateTimeImmutable $now): array
    {
        $log = "{$this->places->notebook}-wal";
        $opened = $this->places->opened();
        if ($opened === null || ! is_file($log) || filesize($log) === 0 || ! is_file($this->places->notebook) || $this->belongs($opened->mark)) {
            return [];
        }
        Files::folder($this->places->copies);
        $aside = $this->places->copies . '/log-of-another-file-' . $now->format('Ymd-His') . '.wal';
        Files::replace($aside, $log);
        @unlink("{$this->places->notebook}-shm");

        return [Say::it('notebook/stray-log.log-beside-notebook-belonged-to', ['aside' => $aside])];
    }

    /** Where the file alone cannot be read, nothing is known, and the log stays. */
    private function belongs(string $mark): bool
    {
        try {
            $pdo = Sqlite::openAlone($this->places->notebook);
            $marks = in_array('notebook', Sqlite::tables($pdo), true) ? Sqlite::texts($pdo, 'select mark from notebook') : [];

            return $marks === [$mark];
        } catch (PDOException) {
            return true;
        }
    }
}
