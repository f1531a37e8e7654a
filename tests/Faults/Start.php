<?php

declare(strict_types=1);

namespace Tests\Faults;

use Tests\Browser\Served;

/** ./start, as somebody runs it in a terminal. */
final class Start
{
    /** It ended by itself: its number may be somebody else's by now. */
    private bool $ended = false;

    private ?int $code = null;

    /** @param resource $process */
    private function __construct(private $process, private readonly string $said, private readonly int $session) {}

    /**
     * @param list<string> $options
     * @param string|null  $from    the folder in which it is typed
     */
    public static function run(string $folder, array $options, ?string $from = null): self
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $said = (string) tempnam(sys_get_temp_dir(), 'said');
        return self::begin($said, [Served::root() . '/start', ...$options], $from ?? Served::root(), Served::environment($folder));
    }

    /**
     * As a user who may not write anywhere else; from a copy of the project that is his own.
     *
     * @param list<string> $options
     */
    public static function asNobody(string $copy, string $folder, array $options): self
    {
        $said = (string) tempnam(sys_get_temp_dir(), 'said');
        $as = posix_geteuid() === 0 ? ['setpriv', '--reuid=65534', '--regid=65534', '--clear-groups'] : [];

        return self::begin($said, [...$as, "{$copy}/start", ...$options], $copy, [...Served::environment($folder), 'HOME' => $folder]);
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private static function begin(string $said, array $command, string $from, array $environment): self
    {
        $pipes = [];
        $process = proc_open(['setsid', ...$command], [['file', '/dev/null', 'r'], ['file', $said, 'w'], ['file', $said, 'a']], $pipes, $from, $environment);
        assert($process !== false);
        $first = proc_get_status($process);
        $start = new self($process, $said, $first['pid']);
        // How it ended is told once only, and a refusal may have ended it by now.
        $start->code = $first['running'] ? null : $first['exitcode'];
        register_shutdown_function($start->kill(...));

        return $start;
    }

    /**
     * Runs it to its end.
     *
     * @param list<string> $options
     *
     * @return array{int, string} exit status, and all that was said
     */
    public static function toTheEnd(string $folder, array $options, ?string $from = null): array
    {
        $start = self::run($folder, $options, $from);

        return [$start->await(), $start->said()];
    }

    public function said(): string
    {
        return trim((string) file_get_contents($this->said));
    }

    /** Waits until it serves, and says where. */
    public function awaitUp(): string
    {
        for ($i = 0; $i < 7_500; ++$i) {
            if (preg_match('#(http://127\.0\.0\.1:\d+)/ [^\n]*\(Ctrl-C stops it\)#', $this->said(), $found) === 1) {
                return $found[1];
            }
            if (! proc_get_status($this->process)['running']) {
                break;
            }
            usleep(20_000);
        }
        throw new \RuntimeException("./start did not come up: {$this->said()}\n" . Served::running());
    }

    /** Waits until the house is served encrypted, and says where: the bench, and the page that says how to trust it. */
    public function awaitHouse(): Doors
    {
        for ($i = 0; $i < 7_500 && preg_match('/^(?:[0-9A-F]{2}:){31}[0-9A-F]{2}$/m', $this->said(), $fingerprint) !== 1; ++$i) {
            if (! proc_get_status($this->process)['running']) {
                break;
            }
            usleep(20_000);
        }
        if (preg_match('#encrypted: (https://\S+)/\n#', $this->said(), $bench) !== 1 || preg_match('#open (http://\S+)/ there#', $this->said(), $trust) !== 1 || ! isset($fingerprint[0])) {
            throw new \RuntimeException("./start --phone did not come up: {$this->said()}\n" . Served::running());
        }

        return new Doors($bench[1], $trust[1], $fingerprint[0]);
    }

    /** @return array<int, string> what it started, and what that started, by the number of the process */
    public function processes(): array
    {
        preg_match_all('/^ *(\d+) +(\d+) +(.*)$/m', (string) shell_exec('ps -eo pid=,ppid=,args='), $all, \PREG_SET_ORDER);
        $of = [$this->session => ''];
        do {
            $before = count($of);
            foreach ($all as [, $number, $parent, $what]) {
                if (isset($of[(int) $parent]) || (int) $number === $this->session) {
                    $of[(int) $number] = $what;
                }
            }
        } while (count($of) > $before);

        return array_filter($of, static fn(string $what): bool => $what !== '');
    }

    /** Ctrl-C: the signal goes to all that runs in the terminal. */
    public function interrupt(): int
    {
        posix_kill(-$this->session, \SIGINT);

        return $this->await();
    }

    public function isRunning(): bool
    {
        return proc_get_status($this->process)['running'];
    }

    public function await(): int
    {
        for ($i = 0; $i < 30_000; ++$i) {
            $status = proc_get_status($this->process);
            if (! $status['running']) {
                $this->ended = true;

                return $this->code ?? $status['exitcode'];
            }
            usleep(10_000);
        }
        throw new \RuntimeException("./start did not end: {$this->said()}");
    }

    /** ./start alone: what it started goes on. */
    public function killShell(): void
    {
        posix_kill($this->session, \SIGKILL);
        usleep(100_000);
        // Whoever ran it takes note that it is gone.
        proc_get_status($this->process);
    }

    /** Everything it started, at once: what is in its session. */
    public function kill(): void
    {
        if (is_resource($this->process)) {
            if (! $this->ended) {
                exec("pkill -KILL -s {$this->session} 2>/dev/null");
            }
            proc_close($this->process);
            exec('rm -f ' . escapeshellarg($this->said));
        }
    }
}
