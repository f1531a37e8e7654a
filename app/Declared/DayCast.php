<?php

declare(strict_types=1);

namespace App\Declared;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A day of the calendar, kept as its ten characters and no hour with it.
 *
 * @implements CastsAttributes<CarbonImmutable, DateTimeInterface|string>
 */
final class DayCast implements CastsAttributes
{
    private const LENGTH = 10;

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?CarbonImmutable
    {
        return is_string($value) ? CarbonImmutable::createFromFormat('!Y-m-d', substr($value, 0, self::LENGTH), 'UTC') : null;
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof DateTimeInterface => $value->format('Y-m-d'),
            default => substr($value, 0, self::LENGTH),
        };
    }
}
