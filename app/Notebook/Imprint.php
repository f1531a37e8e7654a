<?php

declare(strict_types=1);

namespace App\Notebook;

use Illuminate\Database\Connection;
use PDOException;

/**
 * A short mark of all that is written down at this moment: another one as soon as anybody has written through the application.
 *
 * In a file of SQLite it is which file that is and how often something was written into it, which is counted with each transaction. The
 * file and the index of its log are never opened for it: to close them again would end the locks that this process holds on them
 * (https://www.sqlite.org/howtocorrupt.html, 2.2). In PostgreSQL, 13 or later, it is the snapshot that a query sees.
 */
final readonly class Imprint
{
    public function __construct(private Connection $notebook, private Places $places) {}

    /** Null where nobody can say. */
    public function now(): ?string
    {
        $stored = $this->notebook->getDriverName() === 'sqlite' ? $this->ofFile() : self::text($this->notebook->scalar('select pg_current_snapshot()::text'));

        return $stored === null ? null : sha1($stored . "\0" . $this->places->judgedOtherwise());
    }

    private function ofFile(): ?string
    {
        $file = Places::fileAt($this->notebook->getDatabaseName());
        try {
            $written = $file === '' ? null : self::text($this->notebook->scalar('select written from notebook'));
        } catch (PDOException) {
            // What cannot be read is told by the call that needs it.
            return null;
        }

        return $written === null ? null : "{$file}\0{$written}";
    }

    private static function text(mixed $told): ?string
    {
        return is_scalar($told) ? (string) $told : null;
    }
}
