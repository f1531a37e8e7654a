<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use Monolog\Handler\StreamHandler;
use Monolog\LogRecord;
use UnexpectedValueException;

/**
 * A log that does not grow without end: beyond a megabyte it begins anew, and the one before is kept beside it. One that
 * cannot be written, as on a full disk, must not turn the answer that is due into another: its words go to the error output.
 */
final class BoundedLog extends StreamHandler
{
    private const MOST_BYTES = 1_000_000;

    protected function write(LogRecord $record): void
    {
        $file = $this->getUrl() ?? '';
        clearstatcache(true, $file);
        if (is_file($file) && filesize($file) > self::MOST_BYTES) {
            $this->close();
            @rename($file, "{$file}.1");
        }
        try {
            parent::write($record);
        } catch (UnexpectedValueException) {
            error_log(Say::it('notebook/bounded-log.log-could-not-be-written', ['file' => $file, 'get-name' => $record->level->getName(), 'message' => $record->message]));
        }
    }
}
