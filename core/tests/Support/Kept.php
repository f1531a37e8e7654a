<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\UnifiedDiffOutputBuilder;

/**
 * Pages of answers as they were when they were last read through: sentences and figures as a gardener gets them, one text file a
 * page. They prove nothing right: they show what a change changes, so that somebody reads it.
 */
final class Kept
{
    private const FOLDER = __DIR__ . '/../Kept/pages';

    /** Beside the tests of a whole application. */
    public const OF_FEATURES = __DIR__ . '/../../../tests/fixtures/pages';

    /** What is too long for one line goes on in the next. */
    private const WIDTH = 150;

    /**
     * What is said otherwise than on the kept page of this name, old above new; empty where nothing is.
     *
     * @param array<array-key, mixed> $page sentences and figures, by what they are
     */
    public static function change(string $name, array $page, string $folder = self::FOLDER): string
    {
        $file = "{$folder}/{$name}.txt";
        $now = self::printed($page, '');
        if (getenv('MIXER_KEEP') === '1') {
            is_dir($folder) || mkdir($folder, recursive: true);
            file_put_contents($file, $now);

            return '';
        }
        $was = is_file($file) ? (string) file_get_contents($file) : '';
        if ($was === $now) {
            return '';
        }
        $changed = (new Differ(new UnifiedDiffOutputBuilder("- kept\n+ now\n")))->diff($was, $now);

        return "{$name} says otherwise:\n{$changed}\nWhere all of it is meant, MIXER_KEEP=1 vendor/bin/pest --filter='Kept' keeps the page anew; read git diff before you commit it.";
    }

    /** @param array<array-key, mixed> $page */
    private static function printed(array $page, string $indent): string
    {
        $text = '';
        foreach ($page as $key => $value) {
            $name = is_int($key) ? '-' : "{$key}:";
            if (is_array($value)) {
                $inside = self::printed($value, $indent . '  ');
                // What holds nothing says nothing.
                $text .= $inside === '' ? '' : "{$indent}{$name}\n{$inside}";
            } elseif ($value !== null && $value !== '') {
                $text .= $indent . wordwrap("{$name} " . self::said($value), self::WIDTH, "\n{$indent}    ") . "\n";
            }
        }

        return $text;
    }

    private static function said(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            // More figures than these mean nothing to a gardener.
            is_float($value) => (string) (float) sprintf('%.4g', $value),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
