<?php

declare(strict_types=1);

namespace Tests\Faults;

use Tests\Browser\Served;

/** How long the tests of faults run, and where their figures go: short in ./check, in full with ./check --long. */
final class Long
{
    public static function is(): bool
    {
        return getenv('MIXER_LONG') === '1';
    }

    public static function times(int $short, int $long): int
    {
        $said = getenv('MIXER_TIMES');

        return is_string($said) && $said !== '' ? (int) $said : (self::is() ? $long : $short);
    }

    /**
     * Keeps figures, to be read and, after a long run, to be written into docs/faults.md.
     *
     * @param array<string, int|float|string> $figures
     */
    public static function tell(string $what, array $figures): void
    {
        $folder = Served::root() . '/var/faults';
        if (! is_dir($folder)) {
            mkdir($folder, 0o777, true);
        }
        file_put_contents("{$folder}/{$what}.json", json_encode(['long' => self::is(), 'on' => date('Y-m-d'), ...$figures], \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR) . "\n");
    }
}
