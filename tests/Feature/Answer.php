<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What came back: a status, headers, and JSON that already held against the OpenAPI document. */
final readonly class Answer
{
    /** @param array<string, string> $headers */
    public function __construct(public int $status, public string $text, public array $headers) {}

    /** Empty where it has none of that name. */
    public function header(string $name): string
    {
        return $this->headers[strtolower($name)] ?? '';
    }

    /** The value at a path like `rounds.0.outcome`. */
    public function at(string $path): mixed
    {
        $value = json_decode($this->text, true, 128, \JSON_THROW_ON_ERROR);
        foreach ($path === '' ? [] : explode('.', $path) as $key) {
            if (! is_array($value) || ! array_key_exists($key, $value)) {
                throw new \OutOfBoundsException("There is nothing at {$path} in {$this->text}");
            }
            $value = $value[$key];
        }

        return $value;
    }

    public function number(string $path): float
    {
        $value = $this->at($path);

        return is_int($value) || is_float($value) ? (float) $value : throw new \UnexpectedValueException("{$path} is no number in {$this->text}");
    }

    public function id(string $path = 'id'): int
    {
        return (int) $this->number($path);
    }

    public function text(string $path): string
    {
        $value = $this->at($path);

        return is_string($value) ? $value : throw new \UnexpectedValueException("{$path} is no text in {$this->text}");
    }

    /** @return list<mixed> */
    public function list(string $path): array
    {
        $value = $this->at($path);

        return is_array($value) ? array_values($value) : throw new \UnexpectedValueException("{$path} is no list in {$this->text}");
    }
}
