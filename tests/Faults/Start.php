<?php

declare(strict_types=1);

namespace Tests\Faults;

use Tests\Browser\Served;

/** ./start, as somebody runs it in a terminal. */
final class Start
{
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
        $pipes = [];
        $process = proc_open(['setsid', Served::root() . '/start', ...$options], [['file', '/dev/null', 'r'], ['file', $said, 'w'], ['file', $said, 'a']], $pipes, $from ?? Served::root(), Served::environment($folder));
        assert($process !== false);
        $start = new self($process, $said, proc_get_status($process)['pid']);
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

    /** Ctrl-C: the signal goes to all that runs in the terminal. */
    public function interrupt(): int
    {
        posix_kill(-$this->session, \SIGINT);

        return $this->await();
    }

    public function await(): int
    {
        for ($i = 0; $i < 30_000; ++$i) {
            $status = proc_get_status($this->process);
            if (! $status['running']) {
                return $status['exitcode'];
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
            exec("pkill -KILL -s {$this->session} 2>/dev/null");
            proc_close($this->process);
            exec('rm -f ' . escapeshellarg($this->said));
        }
    }
}
