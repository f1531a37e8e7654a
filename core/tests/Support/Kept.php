<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

/**
 * Answers as they were when they were last read through. They prove nothing right: they show what a change changes, so that
 * somebody looks at it. MIXER_KEEP=1 keeps them anew.
 */
final class Kept
{
    private const FOLDER = __DIR__ . '/../Kept/answers';

    /** Beside the tests of a whole application. */
    public const OF_FEATURES = __DIR__ . '/../../../tests/fixtures/answers';

    /** Figures that differ by less than this share are the same. */
    private const ROUNDING = 1e-9;

    /** What differs from the kept answers of this name, with its place; empty where nothing does. */
    public static function change(string $name, mixed $now, string $folder = self::FOLDER): string
    {
        $file = "{$folder}/{$name}.json";
        if (getenv('MIXER_KEEP') === '1') {
            is_dir($folder) || mkdir($folder, recursive: true);
            $text = json_encode($now, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
            file_put_contents($file, preg_replace_callback('/^(?: {4})+/m', static fn(array $indent): string => str_repeat(' ', intdiv(strlen($indent[0]), 4)), $text) . "\n");

            return '';
        }
        $text = is_file($file) ? file_get_contents($file) : false;
        if ($text === false) {
            return "Nothing is kept under {$name}: run its test with MIXER_KEEP=1, read what it wrote, and commit it.";
        }
        $plain = json_decode(json_encode($now, \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR), true, flags: \JSON_THROW_ON_ERROR);

        return self::between(json_decode($text, true, flags: \JSON_THROW_ON_ERROR), $plain, '');
    }

    private static function between(mixed $was, mixed $is, string $at): string
    {
        if (is_array($was) && is_array($is)) {
            foreach (array_unique([...array_keys($was), ...array_keys($is)]) as $key) {
                $change = match (true) {
                    ! array_key_exists($key, $was) => "{$at}/{$key} is new: " . self::shown($is[$key]),
                    ! array_key_exists($key, $is) => "{$at}/{$key} is gone, which was " . self::shown($was[$key]),
                    default => self::between($was[$key], $is[$key], "{$at}/{$key}"),
                };
                if ($change !== '') {
                    return $change;
                }
            }

            return '';
        }
        if (is_numeric($was) && is_numeric($is) && ! is_string($was) && ! is_string($is)) {
            return abs($was - $is) <= self::ROUNDING * max(abs($was), abs($is)) ? '' : "{$at} was " . self::shown($was) . ' and is ' . self::shown($is);
        }

        return $was === $is ? '' : "{$at} was " . self::shown($was) . ' and is ' . self::shown($is);
    }

    private static function shown(mixed $value): string
    {
        return mb_strimwidth(json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR), 0, 400, '…');
    }
}
