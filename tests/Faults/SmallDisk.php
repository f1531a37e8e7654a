<?php

declare(strict_types=1);

namespace Tests\Faults;

/** A disk of a few megabytes that can be filled up and made read-only: only who may mount one has it. */
final class SmallDisk
{
    private function __construct(public readonly string $folder) {}

    /** Null where none may be mounted. */
    public static function mounted(int $megabytes): ?self
    {
        $folder = sys_get_temp_dir() . '/idle-mixer-disk-' . bin2hex(random_bytes(6));
        mkdir($folder, 0o700);
        exec("mount -t tmpfs -o size={$megabytes}m,mode=700 tmpfs " . escapeshellarg($folder) . ' 2>/dev/null', $said, $status);
        if ($status !== 0) {
            rmdir($folder);

            return null;
        }
        $disk = new self($folder);
        register_shutdown_function($disk->unmount(...));

        return $disk;
    }

    /** Fills it up to so many bytes. */
    public function fill(int $free = 0): void
    {
        $this->clear();
        $bytes = max(0, (int) disk_free_space($this->folder) - $free);
        exec("head -c {$bytes} /dev/zero 2>/dev/null > " . escapeshellarg("{$this->folder}/filler") . ' 2>/dev/null');
    }

    public function clear(): void
    {
        if (is_file("{$this->folder}/filler")) {
            unlink("{$this->folder}/filler");
        }
    }

    public function readOnly(bool $is): void
    {
        exec('mount -o remount,' . ($is ? 'ro' : 'rw') . ' ' . escapeshellarg($this->folder) . ' 2>/dev/null', $said, $status);
        if ($status !== 0) {
            throw new \RuntimeException('The disk could not be mounted anew.');
        }
    }

    public function unmount(): void
    {
        exec('umount -l ' . escapeshellarg($this->folder) . ' 2>/dev/null');
        exec('rmdir ' . escapeshellarg($this->folder) . ' 2>/dev/null');
    }
}
