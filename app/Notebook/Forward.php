<?php

declare(strict_types=1);

namespace App\Notebook;

/** Brings a notebook forward to the newest version, from nothing too. */
interface Forward
{
    /** @param string $path of a file that nobody else uses; afterwards it is one file, whole */
    public function bring(string $path): void;

    /** Writes the demo into an empty notebook. */
    public function demo(string $path): void;
}
