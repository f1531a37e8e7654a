<?php

declare(strict_types=1);

namespace Tests\Faults;

/** One call that a device makes. */
final readonly class Call
{
    /** @param array<string, mixed> $body */
    public function __construct(public string $method, public string $path, public array $body) {}

    /** @param array<string, mixed> $body a submission is made up for it */
    public static function make(string $path, array $body): self
    {
        return new self('POST', $path, ['submission' => self::uuid(), ...$body]);
    }

    public static function uuid(): string
    {
        $hex = bin2hex(random_bytes(16));

        return substr($hex, 0, 8) . '-' . substr($hex, 8, 4) . '-4' . substr($hex, 13, 3) . '-8' . substr($hex, 17, 3) . '-' . substr($hex, 20, 12);
    }
}
