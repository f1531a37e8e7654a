<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;

/** Files that are there whole or not at all. */
final class Files
{
    /** What SQLite lays beside a file that is in use. */
    public const BESIDE = ['-wal', '-shm', '-journal'];

    /** @throws StoreFault when it cannot be written */
    public static function write(string $path, string $text): void
    {
        $half = "{$path}.half";
        if (@file_put_contents($half, $text) !== strlen($text) || ! @rename($half, $path)) {
            @unlink($half);
            throw self::fault(Say::it('notebook/files.could-not-be-written', ['path' => $path]));
        }
    }

    /**
     * Puts a file in the place of another, in one step.
     *
     * @throws StoreFault when it cannot be done
     */
    public static function replace(string $path, string $by): void
    {
        if (! @rename($by, $path)) {
            throw self::fault(Say::it('notebook/files.could-not-be-replaced', ['path' => $path]));
        }
    }

    /** @throws StoreFault when it cannot be made */
    public static function folder(string $path): void
    {
        if (! is_dir($path) && ! @mkdir($path, 0o700, true) && ! is_dir($path)) {
            throw self::fault(Say::it('notebook/files.could-not-be-made', ['path' => $path]));
        }
    }

    /** A notebook, with what lies beside it. */
    public static function remove(string $path): void
    {
        foreach (['', ...self::BESIDE] as $beside) {
            if (is_file($path . $beside)) {
                @unlink($path . $beside);
            }
        }
    }

    public static function fault(string $what): StoreFault
    {
        $why = error_get_last()['message'] ?? '';

        return new StoreFault(match (true) {
            str_contains($why, 'No space left') || str_contains($why, 'Disk quota') => StoreTrouble::Full,
            str_contains($why, 'Read-only') || str_contains($why, 'Permission denied') => StoreTrouble::ReadOnly,
            default => StoreTrouble::Unreadable,
        }, $what);
    }
}
