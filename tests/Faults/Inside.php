<?php

declare(strict_types=1);

namespace Tests\Faults;

use RuntimeException;
use Tests\Browser\Served;

/** A process that is the application over the notebook of a house, to be asked without a line between. */
final class Inside
{
    /**
     * @param resource $process
     * @param resource $in
     * @param resource $out
     */
    private function __construct(private $process, private $in, private $out, private readonly string $faults) {}

    /** @param list<string> $arguments of inside.php */
    public static function begin(House $house, array $arguments): self
    {
        $faults = "{$house->folder}/inside-" . bin2hex(random_bytes(4)) . '.err';
        $pipes = [];
        $process = proc_open(['php', '-d', 'pcov.enabled=0', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=128M', '-d', 'memory_limit=1G', __DIR__ . '/inside.php', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['file', $faults, 'w']], $pipes, Served::root(), [...$house->environment(), 'COMPOSER_VENDOR_DIR' => Served::root() . '/vendor']);
        assert($process !== false);

        return new self($process, $pipes[0], $pipes[1], $faults);
    }

    public function send(Call $call): void
    {
        fwrite($this->in, json_encode(['method' => $call->method, 'path' => $call->path, 'body' => (object) $call->body], \JSON_THROW_ON_ERROR) . "\n");
    }

    public function reply(): Reply
    {
        $line = fgets($this->out);
        $said = $line === false ? null : json_decode($line, true);
        if (! is_array($said) || ! is_int($said['status'] ?? null) || ! is_array($said['json'] ?? null)) {
            throw new RuntimeException("Nothing came back: {$this->end()}");
        }

        return new Reply($said['status'], $said['json']);
    }

    public function ask(Call $call): Reply
    {
        $this->send($call);

        return $this->reply();
    }

    /** @return array<int, int> what it printed in the end */
    public function sums(): array
    {
        $text = (string) stream_get_contents($this->out);
        $said = json_decode($text, true);
        if (! is_array($said)) {
            throw new RuntimeException("It ended with: {$text} {$this->end()}");
        }

        return array_map(static fn(mixed $many): int => is_int($many) ? $many : 0, array_combine(array_map(intval(...), array_keys($said)), $said));
    }

    /** @return string what it said to nobody */
    public function end(): string
    {
        fclose($this->in);
        fclose($this->out);
        proc_close($this->process);

        return (string) file_get_contents($this->faults);
    }
}
