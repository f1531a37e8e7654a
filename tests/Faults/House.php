<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Notebook\Sqlite;
use PDO;
use Tests\Browser\Served;

/** A data folder that was set up once, and is then opened, served, killed and closed as ./start does it, without its second of setting up. */
final class House
{
    /** @var resource|null */
    private $server;

    public string $address = '';

    private function __construct(public readonly string $folder) {}

    /** Sets one up: caches and an empty notebook. */
    public static function build(?string $folder = null): self
    {
        $folder ??= sys_get_temp_dir() . '/idle-mixer-house-' . bin2hex(random_bytes(6));
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $start = Start::run($folder, ['--empty', '--port', (string) Served::freePort()]);
        $start->awaitUp();
        $start->interrupt();
        $house = new self($folder);
        register_shutdown_function($house->clear(...));

        return $house;
    }

    public function notebook(): string
    {
        return "{$this->folder}/notebook.sqlite";
    }

    public function pdo(): PDO
    {
        return Sqlite::open($this->notebook());
    }

    /** @return array{int, string} exit status, and what was said */
    public function artisan(string ...$arguments): array
    {
        $command = implode(' ', array_map(escapeshellarg(...), ['php', '-d', 'opcache.enable_cli=0', Served::root() . '/artisan', ...$arguments]));
        $pipes = [];
        $process = proc_open(['bash', '-c', "{$command} 2>&1"], [['file', '/dev/null', 'r'], ['pipe', 'w']], $pipes, Served::root(), $this->environment());
        assert($process !== false);
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), trim($said)];
    }

    /** Opens the notebook; nothing is to be said about a sound one. */
    public function open(): void
    {
        [$status, $said] = $this->artisan('mixer:open', '--empty');
        if ($status !== 0 || $said !== '') {
            throw new \RuntimeException("The notebook was opened with {$status}: {$said}");
        }
    }

    public function serve(int $workers = 4): void
    {
        $port = Served::freePort();
        $this->address = "http://127.0.0.1:{$port}";
        $pipes = [];
        $server = proc_open(['setsid', Served::root() . '/server/serve', "127.0.0.1:{$port}"], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, Served::root(), [...$this->environment(), 'MIXER_WORKERS' => (string) $workers]);
        assert($server !== false);
        $this->server = $server;
        for ($i = 0; $i < 1000; ++$i) {
            if (Served::isListening($port)) {
                return;
            }
            usleep(5000);
        }
        throw new \RuntimeException('The server did not come up.');
    }

    /** Every process of the server, at once and without a word. */
    public function kill(int $signal = \SIGKILL): void
    {
        if ($this->server !== null) {
            posix_kill(-proc_get_status($this->server)['pid'], $signal);
            proc_close($this->server);
            $this->server = null;
        }
    }

    /** Its workers are told to end, as they are when all of it is, but earlier than what watches them. */
    public function endWorkers(): void
    {
        $watch = $this->server === null ? 0 : proc_get_status($this->server)['pid'];
        exec("pkill -TERM -P $(pgrep -d , -P {$watch} php)");
    }

    /** Whether it ends when it is told to; it is ended in any case. */
    public function endsWithin(float $seconds): bool
    {
        assert($this->server !== null);
        posix_kill(-proc_get_status($this->server)['pid'], \SIGTERM);
        $until = microtime(true) + $seconds;
        do {
            usleep(20_000);
            $runs = proc_get_status($this->server)['running'];
        } while ($runs && microtime(true) < $until);
        $this->kill();

        return ! $runs;
    }

    public function clear(): void
    {
        $this->kill();
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    /** @return array<string, string> as ./start hands it to the server */
    public function environment(): array
    {
        $serve = "{$this->folder}/serve";

        return [
            ...Served::environment($this->folder),
            'COMPOSER_VENDOR_DIR' => Served::root() . '/var/vendor', 'APP_ENV' => 'production', 'APP_DEBUG' => 'false',
            'APP_KEY' => (string) file_get_contents("{$this->folder}/key"),
            'APP_CONFIG_CACHE' => "{$serve}/config.php", 'APP_ROUTES_CACHE' => "{$serve}/routes.php", 'APP_EVENTS_CACHE' => "{$serve}/events.php",
            'APP_SERVICES_CACHE' => "{$serve}/services.php", 'APP_PACKAGES_CACHE' => "{$serve}/packages.php", 'MIXER_PRELOAD_LIST' => "{$serve}/preload.txt",
        ];
    }
}
