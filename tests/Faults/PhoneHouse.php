<?php

declare(strict_types=1);

namespace Tests\Faults;

use Tests\Browser\Served;

/** A notebook that is served to the house, for the tests that lean on that door; another address of the loopback network is the house. */
final class PhoneHouse
{
    public const PASSPHRASE = 'long enough, this';

    private static ?self $one = null;

    private function __construct(public readonly string $folder, public readonly Start $start, public readonly Doors $doors) {}

    public static function served(): self
    {
        return self::$one ??= self::begin();
    }

    /** A port with a free one after it. */
    public static function twoPorts(): int
    {
        do {
            $port = Served::freePort();
        } while (Served::isListening($port + 1, '127.0.0.2'));

        return $port;
    }

    /** @return non-empty-string a file with the authority that was printed */
    public function authority(): string
    {
        return "{$this->folder}/serve/trust/idle-mixer.crt";
    }

    /** What a device sends that came in with the passphrase. */
    public function cookie(): string
    {
        $phone = new Phone($this->doors->bench, $this->authority());
        if ($phone->enter(self::PASSPHRASE) !== 303) {
            throw new \RuntimeException("The passphrase was not taken: {$phone->status}");
        }

        return explode(';', $phone->headers['set-cookie'] ?? '')[0];
    }

    /** @return int kB of memory that the processes of PHP hold by themselves */
    public function memory(): int
    {
        $sum = 0;
        foreach (array_keys(array_filter($this->start->processes(), static fn(string $what): bool => str_starts_with($what, 'php-fpm: pool'))) as $number) {
            preg_match_all('/^Private_(?:Clean|Dirty): +(\d+) kB/m', (string) @file_get_contents("/proc/{$number}/smaps_rollup"), $found);
            $sum += array_sum(array_map(intval(...), $found[1]));
        }

        return $sum;
    }

    private static function begin(): self
    {
        $folder = sys_get_temp_dir() . '/idle-mixer-phone-' . bin2hex(random_bytes(4));
        mkdir($folder, 0o700, true);
        file_put_contents("{$folder}/passphrase", password_hash(self::PASSPHRASE, \PASSWORD_BCRYPT, ['cost' => 4]));
        $start = Start::run($folder, ['--phone', '--host', '127.0.0.2', '--port', (string) self::twoPorts()]);
        $doors = $start->awaitHouse();
        register_shutdown_function(static function () use ($folder): void {
            exec('rm -rf ' . escapeshellarg($folder));
        });

        return new self($folder, $start, $doors);
    }
}
