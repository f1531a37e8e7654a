<?php

declare(strict_types=1);

namespace App\Declared;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use JsonException;

/**
 * JSON is kept in one way of writing it, whoever writes it, so that it is the same byte by byte in every notebook that it comes to.
 *
 * @implements CastsAttributes<string, string>
 */
final class JsonCast implements CastsAttributes
{
    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_string($value) ? $value : null;
    }

    /**
     * @param array<string, mixed> $attributes
     *
     * @throws JsonException when it is none
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_string($value) ? self::written($value) : null;
    }

    /** @throws JsonException when it is none */
    public static function written(string $json): string
    {
        return json_encode(json_decode($json, flags: \JSON_THROW_ON_ERROR), Raw::FLAGS);
    }
}
