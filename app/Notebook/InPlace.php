<?php

declare(strict_types=1);

namespace App\Notebook;

use Illuminate\Database\Connection;

/**
 * Whether the file that is written to is still the one that stands at its place. A file that was deleted or replaced can be
 * written to as long as it is open, and what was saved there would be gone with the server.
 */
final readonly class InPlace
{
    public function __construct(private Connection $notebook, private Places $places) {}

    public function is(): bool
    {
        $opened = $this->places->opened();

        return $opened === null || $opened->file === Places::fileAt($this->places->notebook);
    }

    /** What was saved is still in the open file: it is copied out before it is lost with the server. */
    public function gone(): StoreFault
    {
        $copy = $this->places->copy('vanished', substr($this->places->opened()->mark ?? 'unknown', 0, 8));
        if (! is_file($copy)) {
            try {
                $this->notebook->getPdo()->exec('vacuum into ' . $this->notebook->getPdo()->quote($copy));
            } catch (\PDOException $e) {
                return new StoreFault(StoreTrouble::Vanished, "All that was saved before could not be copied out ({$e->getMessage()}): do not stop the server, put the file back.");
            }
        }

        return new StoreFault(StoreTrouble::Vanished, "All that was saved before is in {$copy}. The way back: stop the server, then ./start --restore {$copy}");
    }
}
