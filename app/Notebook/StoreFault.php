<?php

declare(strict_types=1);

namespace App\Notebook;

/** The notebook, or a file beside it, could not be read or written. The message is for the terminal. */
final class StoreFault extends \RuntimeException
{
    /** @param string $also what more is to be said, as sentences */
    public function __construct(public readonly StoreTrouble $trouble, public readonly string $also = '')
    {
        parent::__construct(trim("{$trouble->cause()} {$also} {$trouble->remedy()}"));
    }

    /** For whoever wanted to save something. */
    public function words(): string
    {
        return trim("{$this->trouble->words()} {$this->also}");
    }
}
