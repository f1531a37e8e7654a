<?php

declare(strict_types=1);

namespace IdleMixer\Core\Words;

use IdleMixer\Core\Habit\Written;

/**
 * Every sentence that a gardener reads, by its key: `area/what.which` is the entry `what.which` of `core/words/en/area.php`.
 * Rules name a key and hand over what goes into the sentence; how it is said stands in one folder a language.
 */
final class Say
{
    private const FOLDER = __DIR__ . '/../../words/en';

    /** @var array<string, array<array-key, mixed>> areas that were read: the files do not change while they are served, and an hour is judged in a hundred sentences */
    private static array $read = [];

    /** @var array<string, string> sentences that were said, by key */
    private static array $said = [];

    /**
     * @param array<string, string|int|float> $arguments what stands in braces in the sentence; what is not given stays as it is,
     *                                                   for whoever puts it in later; figures of the weather are written as the household writes them
     *
     * @throws MissingWords when there is no such sentence
     */
    public static function it(string $key, array $arguments = []): string
    {
        $sentence = Written::marked(self::$said[$key] ??= self::sentence($key), $arguments);
        if ($arguments === []) {
            return $sentence;
        }
        $pairs = [];
        foreach ($arguments as $name => $value) {
            $pairs['{' . $name . '}'] = (string) $value;
        }

        return strtr($sentence, $pairs);
    }

    private static function sentence(string $key): string
    {
        $end = (int) strrpos($key, '/');
        $sentence = self::words(substr($key, 0, $end))[substr($key, $end + 1)] ?? null;

        return is_string($sentence) ? $sentence : throw MissingWords::becauseOf($key);
    }

    /**
     * All sentences of an area that is a list of its own: the verdicts, the reasons of an hour.
     *
     * @return array<string, string>
     *
     * @throws MissingWords when there is no such area, or it holds something else
     */
    public static function all(string $area): array
    {
        $sentences = [];
        foreach (self::words($area) as $key => $words) {
            $sentences[(string) $key] = is_string($words) ? $words : throw MissingWords::becauseOf("{$area}/{$key}");
        }

        return $sentences;
    }

    /**
     * What is known of a language beside sentences, as it stands in the file: the words that are read, pairs of words.
     *
     * @return array<array-key, mixed>
     *
     * @throws MissingWords when there is no such file
     */
    public static function words(string $area): array
    {
        return self::$read[$area] ??= self::file($area);
    }

    /** @return array<array-key, mixed> */
    private static function file(string $area): array
    {
        $file = self::FOLDER . "/{$area}.php";
        $words = is_file($file) ? require $file : null;

        return is_array($words) ? $words : throw MissingWords::becauseOf($area);
    }
}
