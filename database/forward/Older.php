<?php

declare(strict_types=1);

namespace Database\Forward;

/** Reads what was stored as JSON, value by value; what is not there is empty. */
final class Older
{
    public static function at(mixed $value, int|string ...$path): mixed
    {
        foreach ($path as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    public static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public static function number(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /** @return array<array-key, mixed> */
    public static function list(mixed $value): array
    {
        return is_array($value) ? $value : [];
    }

    public static function decoded(string $json): mixed
    {
        return json_decode($json === '' ? 'null' : $json, true, 64, \JSON_THROW_ON_ERROR);
    }
}
