<?php

declare(strict_types=1);

namespace App\Declared;

use JsonSerializable;

/** JSON that goes out as it is kept, without being read. */
final readonly class Raw implements JsonSerializable
{
    public const FLAGS = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

    public function __construct(public string $text) {}

    public function jsonSerialize(): mixed
    {
        return json_decode($this->text, flags: \JSON_THROW_ON_ERROR);
    }

    /** Any value as a piece of JSON; what is kept as JSON goes out byte by byte. */
    public static function json(bool|float|int|string|self|null $value): string
    {
        return $value instanceof self ? $value->text : json_encode($value, self::FLAGS);
    }
}
