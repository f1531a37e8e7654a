<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Failure;

/** A picture that is not read, or shows no leaf that could be measured: why, and what would be right. */
final class RefusedPicture extends \RuntimeException implements Failure
{
    private function __construct(public readonly string $reason, string $message, private readonly string $path)
    {
        parent::__construct($message);
    }

    /** @param string $reason a short name of the fault, for programs */
    public static function because(string $reason, string $message, string $path = '/photo'): self
    {
        return new self($reason, $message, $path);
    }

    public function at(string $path): self
    {
        return new self($this->reason, $this->getMessage(), $path);
    }

    public function path(): string
    {
        return $this->path;
    }
}
