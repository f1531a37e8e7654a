<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;

/**
 * Whose turn it is to write. SQLite lets those who wait try again and again, now and then, and who comes at the wrong moment
 * waits long; a lock on a file is handed on at once, in order.
 */
final class Turn
{
    /** @var resource|null */
    private $file;

    public function __construct(private readonly string $path) {}

    /** Waits for it. Where the file cannot be opened, SQLite's own lock is all there is. */
    public function take(): void
    {
        if ($this->file !== null) {
            throw new \LogicException(Say::it('notebook/turn.whoever-has-turn-cannot-wait'));
        }
        $file = $this->path === '' ? false : @fopen($this->path, 'c');
        if ($file !== false && flock($file, \LOCK_EX)) {
            $this->file = $file;
        }
    }

    public function hand(): void
    {
        if ($this->file !== null) {
            fclose($this->file);
            $this->file = null;
        }
    }
}
