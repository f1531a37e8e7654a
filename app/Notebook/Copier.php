<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use PDOException;

/** Makes copies that are one file each, whole, and open by themselves; a notebook may be in use meanwhile. */
final readonly class Copier
{
    public function __construct(private Inspector $inspector) {}

    /** @throws StoreFault when it cannot be made; then there is none, and what stood there before stays */
    public function copy(string $from, string $to): void
    {
        $half = "{$to}.half";
        Files::remove($half);
        try {
            $pdo = Sqlite::open($from);
            $pdo->exec('vacuum into ' . $pdo->quote($half));
            unset($pdo);
            $copy = Sqlite::open($half);
            Edition::remark($copy);
            unset($copy);
            self::hold($half);
            $found = $this->inspector->look($half);
        } catch (PDOException $e) {
            Files::remove($half);
            throw StoreFault::of($e, $to, Say::it('notebook/copier.copy-was-not-made', ['to' => $to]));
        }
        if (! $found->condition->opens() && $found->condition !== Condition::Newer) {
            Files::remove($half);
            throw new StoreFault(StoreTrouble::Damaged, Say::it('notebook/copier.copy-was-not-made.copy-was-not-made', ['to' => $to, 'detail' => $found->detail]));
        }
        Files::replace($to, $half);
    }

    /** Whatever stands there as it is, byte by byte, with its log. */
    public static function plain(string $from, string $to): void
    {
        foreach (['', '-wal'] as $beside) {
            if (is_file($from . $beside) && ! @copy($from . $beside, $to . $beside)) {
                Files::remove($to);
                throw Files::fault(Say::it('notebook/copier.could-not-be-written', ['to' => $to]));
            }
        }
    }

    /** Onto the disk, before its name stands for it. */
    private static function hold(string $path): void
    {
        $file = fopen($path, 'r+');
        if ($file === false || ! fsync($file)) {
            throw Files::fault(Say::it('notebook/copier.could-not-be-written.could-not-be-written', ['path' => $path]));
        }
        fclose($file);
    }
}
