<?php

declare(strict_types=1);

namespace App\Notebook;

/** What was found at the place of a notebook, and what shows it. */
final readonly class Finding
{
    /** @param string $detail what shows it, for a sentence; empty where there is nothing to say */
    public function __construct(public Condition $condition, public string $detail = '') {}
}
