<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

/** Runs a reference library from npm and reads what it prints. */
final class NodeScript
{
    /** @return array<array-key, mixed> */
    public static function run(string $script, mixed $input): array
    {
        $pipes = [];
        $process = proc_open(['node', '--input-type=module', '-e', $script], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 3));
        if ($process === false) {
            throw new \RuntimeException('node could not be started.');
        }
        fwrite($pipes[0], json_encode($input, \JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            throw new \RuntimeException("node failed: {$err}");
        }
        $decoded = json_decode($out, true, 64, \JSON_THROW_ON_ERROR);

        return is_array($decoded) ? $decoded : [];
    }
}
