<?php

declare(strict_types=1);

namespace App\Notebook;

/** What is remembered of the notebook that was opened last. */
final readonly class Opened
{
    /**
     * @param string $mark     what it bears inside
     * @param string $file     which file it was, as the file system numbers it
     * @param string $notebook which notebook it is: the same through every start, another after a restore or a fresh one
     */
    public function __construct(public string $mark, public string $file, public string $notebook) {}
}
