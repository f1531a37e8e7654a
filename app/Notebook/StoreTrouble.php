<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use PDOException;

/** Why the notebook could not be read or written, as SQLite tells it, in words for the person at the bench. */
enum StoreTrouble: string
{
    case Busy = 'busy';
    case Full = 'full';
    case ReadOnly = 'read-only';
    case Unreadable = 'unreadable';
    case Damaged = 'damaged';
    case Vanished = 'vanished';

    /** What SQLite lays beside a file that is in use takes 32 KB and more, and another call may have given its own back by the time this is asked: a megabyte, ours. */
    private const LEAST_ROOM = 1_000_000;

    /**
     * Null where the fault is not the file's but ours. Codes: https://www.sqlite.org/rescode.html
     *
     * @param string $path of the file, to tell one that may not be written to from one that cannot be read
     */
    public static function of(PDOException $fault, string $path): ?self
    {
        $code = $fault->errorInfo[1] ?? null;

        return match (is_int($code) ? $code & 0xff : null) {
            10, 14 => self::around($path),
            5, 6 => self::Busy,
            13 => self::Full,
            8 => self::ReadOnly,
            11, 26 => self::Damaged,
            default => null,
        };
    }

    /** What SQLite cannot lay beside a file it calls an error of input and output, whatever the reason. */
    private static function around(string $path): self
    {
        $folder = dirname($path);

        return match (true) {
            $path === '' || ! is_dir($folder) => self::Unreadable,
            ! is_writable($folder) => self::ReadOnly,
            disk_free_space($folder) < self::LEAST_ROOM => self::Full,
            default => self::Unreadable,
        };
    }

    public function status(): int
    {
        return match ($this) {
            self::Full => 507,
            default => 503,
        };
    }

    /** What is the matter, as a sentence. */
    public function cause(): string
    {
        return match ($this) {
            self::Busy => Say::it('notebook/store-trouble.busy'),
            self::Full => Say::it('notebook/store-trouble.full'),
            self::ReadOnly => Say::it('notebook/store-trouble.read-only'),
            self::Unreadable => Say::it('notebook/store-trouble.unreadable'),
            self::Damaged => Say::it('notebook/store-trouble.damaged'),
            self::Vanished => Say::it('notebook/store-trouble.vanished'),
        };
    }

    /** What to do about it, as a sentence; empty where it depends. */
    public function remedy(): string
    {
        return match ($this) {
            self::Busy => Say::it('notebook/store-trouble.busy.try-again'),
            self::Full => Say::it('notebook/store-trouble.full.make-room-on-then-try'),
            self::ReadOnly => Say::it('notebook/store-trouble.read-only.give-right-to-write-back'),
            self::Unreadable => Say::it('notebook/store-trouble.unreadable.look-to-that-disk-then'),
            self::Damaged => Say::it('notebook/store-trouble.damaged.stop-start-and-run-again'),
            self::Vanished => '',
        };
    }

    /** For whoever wanted to save something. */
    public function words(): string
    {
        $kept = match ($this) {
            self::Full, self::ReadOnly => Say::it('notebook/store-trouble.full.all-that-was-saved-before'),
            default => '',
        };

        return trim(Say::it('notebook/store-trouble.nothing-of-this-was-saved', ['cause' => $this->cause(), 'kept' => $kept, 'remedy' => $this->remedy()]));
    }
}
