<?php

declare(strict_types=1);

namespace Tests\Faults;

/** What came back: status 0 where nothing did. */
final readonly class Reply
{
    /** @param array<mixed> $json */
    public function __construct(public int $status, public array $json) {}

    public function acknowledged(): bool
    {
        return $this->status === 200 || $this->status === 201;
    }

    public function id(string $path = 'id'): int
    {
        $id = $this->at($path);

        return is_int($id) ? $id : throw new \RuntimeException("There is no {$path} in " . json_encode($this->json));
    }

    public function at(string $path): mixed
    {
        $value = $this->json;
        foreach (explode('.', $path) as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    public function message(): string
    {
        $message = $this->at('error.message');

        return is_string($message) ? $message : '';
    }
}
