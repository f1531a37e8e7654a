<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;

/**
 * Files that processes of this machine still have open, though nothing stands at their place any more: the kernel shows them
 * under /proc (https://man7.org/linux/man-pages/man5/proc_pid_fd.5.html).
 */
final class OpenFiles
{
    /**
     * Copies a notebook and its log out of a process that has it open. Nobody may write meanwhile.
     *
     * @param string $file which file it is, as the file system numbers it
     *
     * @return bool whether any process had it open
     */
    public static function copy(string $file, string $notebook, string $to): bool
    {
        foreach (self::numbered(glob('/proc/[0-9]*/fd')) as $process) {
            $main = null;
            $log = null;
            foreach (self::numbered(@glob("{$process}/*")) as $open) {
                $name = (string) @readlink($open);
                $main = Places::fileAt($open) === $file ? $open : $main;
                $log = preg_replace('/ \(deleted\)\z/', '', $name) === "{$notebook}-wal" ? $open : $log;
            }
            if ($main !== null) {
                return self::take($main, $to) && ($log === null || self::take($log, "{$to}-wal"));
            }
        }

        return false;
    }

    /** PHP looks for the name that the kernel tells of a file; one that was deleted has none. */
    private static function take(string $open, string $to): bool
    {
        exec(Say::it('notebook/open-files.cp-2-dev-null', ['open' => escapeshellarg($open), 'to' => escapeshellarg($to)]), result_code: $status);

        return $status === 0;
    }

    /**
     * @param list<string>|false $paths
     *
     * @return list<string>
     */
    private static function numbered(array|false $paths): array
    {
        return $paths === false ? [] : $paths;
    }
}
