<?php

declare(strict_types=1);

namespace App\Notebook;

/**
 * What a write-ahead log holds, put into the file beside which it lies: SQLite does that itself, but not for a file whose front is
 * a new one.
 *
 * How the log is laid out: https://www.sqlite.org/fileformat.html, section 4.1
 */
final class LogFrames
{
    private const HEADER = 32;

    private const FRAME_HEADER = 24;

    /**
     * @param string $file  as it is
     * @param string $log   as it is; may be empty
     * @param int    $size  bytes of a page
     *
     * @return string the file with every page of the log up to the last that ends a transaction
     */
    public static function over(string $file, string $log, int $size): string
    {
        $salt = substr($log, 16, 8);
        $pages = [];
        $whole = [];
        for ($at = self::HEADER; $at + self::FRAME_HEADER + $size <= strlen($log); $at += self::FRAME_HEADER + $size) {
            // Frames of an earlier turn of the log bear another salt.
            if (substr($log, $at + 8, 8) !== $salt) {
                break;
            }
            $pages[self::number(substr($log, $at, 4))] = substr($log, $at + self::FRAME_HEADER, $size);
            if (self::number(substr($log, $at + 4, 4)) > 0) {
                $whole = $pages;
            }
        }
        foreach ($whole as $page => $text) {
            $file = substr_replace(str_pad($file, ($page - 1) * $size, "\0"), $text, ($page - 1) * $size, $size);
        }

        return $file;
    }

    private static function number(string $bytes): int
    {
        return (int) hexdec(bin2hex($bytes));
    }
}
