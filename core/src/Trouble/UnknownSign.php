<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use IdleMixer\Core\Failure;

/** A sign that is not in the catalogue. */
final class UnknownSign extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $slug)
    {
        parent::__construct($message);
    }

    /** @param list<string> $known */
    public static function becauseNotListed(string $slug, array $known): self
    {
        return new self("“{$slug}” is no known sign; known are " . implode(', ', $known) . '.', $slug);
    }

    /** @param list<string> $known */
    public static function becauseNoShare(string $word, array $known): self
    {
        return new self("“{$word}” says nothing of how often a sign is there; known are " . implode(', ', $known) . '.', $word);
    }

    public function path(): string
    {
        return '/signs';
    }
}
