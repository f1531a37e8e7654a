<?php

declare(strict_types=1);

namespace IdleMixer\Core\Document;

use IdleMixer\Core\Words\Say;

/** Text without what is not seen, of a length that is bounded. */
final class BoundedText
{
    /** @throws InvalidDocument when the value is no text, has fewer characters than `$min` or more than `$max`, or is blank where it must not be empty */
    public static function lines(mixed $value, string $path, int $max, int $min): string
    {
        return self::bounded(PlainText::lines(self::string($value, $path)), $path, $max, $min, $value);
    }

    /** @throws InvalidDocument as for lines; it becomes one */
    public static function line(mixed $value, string $path, int $max, int $min): string
    {
        return self::bounded(PlainText::line(self::string($value, $path)), $path, $max, $min, $value);
    }

    private static function string(mixed $value, string $path): string
    {
        return is_string($value) ? $value : throw InvalidDocument::because($path, Say::it('document/node.expected-text-here-found'), $value);
    }

    private static function bounded(string $text, string $path, int $max, int $min, mixed $value): string
    {
        $length = mb_strlen($text);
        if ($length > $max || $length < $min || ($min > 0 && trim($text) === '')) {
            $bounds = $min > 0 ? Say::it('document/node.between-and-characters', ['min' => $min, 'max' => $max]) : Say::it('document/node.at-most-characters', ['max' => $max]);
            throw InvalidDocument::because($path, Say::it('document/node.may-stand-here-found.may-stand-here-found', ['bounds' => $bounds, 'length' => $length]), $value);
        }

        return $text;
    }
}
