<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What came of waiting instead of spraying. */
enum WaitOutcome: string
{
    case Gone = 'gone';
    case Fewer = 'fewer';
    case NotFewer = 'not-fewer';
    /** Nobody has looked again, or nobody had counted before. */
    case Unknown = 'unknown';

    /**
     * @param float|null $before counted last before it
     * @param float|null $after  counted first after it, before anything was sprayed
     */
    public static function of(?float $before, ?float $after): self
    {
        return match (true) {
            $after === null || $before === null => self::Unknown,
            $after === 0.0 => self::Gone,
            $after < $before => self::Fewer,
            default => self::NotFewer,
        };
    }

    public function hasWorked(): bool
    {
        return $this === self::Gone || $this === self::Fewer;
    }
}
