<?php

declare(strict_types=1);

namespace App\Notebook;

use Monolog\Handler\StreamHandler;
use Monolog\LogRecord;

/** A log that does not grow without end: beyond a megabyte it begins anew, and the one before is kept beside it. */
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
        parent::write($record);
    }
}
