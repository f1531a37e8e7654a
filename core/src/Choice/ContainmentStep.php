<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** One thing that is done before any spray. */
final readonly class ContainmentStep
{
    /** @param int $hours after the case was opened */
    public function __construct(public string $slug, public string $words, public int $hours) {}
}
