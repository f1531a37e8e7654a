<?php

declare(strict_types=1);

namespace IdleMixer\Core\Pest;

use IdleMixer\Core\Failure;

/** A pest that is not in the catalogue. */
final class UnknownPest extends \OutOfBoundsException implements Failure
{
    private function __construct(string $message, public readonly string $slug)
    {
        parent::__construct($message);
    }

    /** @param list<string> $known */
    public static function becauseNotListed(string $slug, array $known): self
    {
        return new self("“{$slug}” is no known pest; known are " . implode(', ', $known) . '.', $slug);
    }

    public function path(): string
    {
        return '/pest';
    }
}
