<?php

declare(strict_types=1);

namespace Tests\Mutants;

/** A copy of the project that may be spoiled: it shares its files with the project until one is written. */
final class Workplace
{
    /** What no test writes to or reads is left where it is, and reference libraries are only read. */
    private const NOT_COPIED = ['.', '..', '.git', 'var', 'node_modules'];

    public readonly string $folder;

    public function __construct(private readonly string $root)
    {
        $this->folder = sys_get_temp_dir() . '/mutants-' . getmypid() . '-' . bin2hex(random_bytes(4));
        mkdir($this->folder);
        symlink("{$root}/node_modules", "{$this->folder}/node_modules");
        foreach (array_diff((array) scandir($root), self::NOT_COPIED) as $part) {
            exec('cp -al ' . escapeshellarg("{$root}/{$part}") . ' ' . escapeshellarg("{$this->folder}/{$part}"));
        }
    }

    public function __destruct()
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    /** Puts something else into a file; the project's own stays as it is. */
    public function write(string $file, string $code): void
    {
        // The link is cut before anything is written.
        unlink("{$this->folder}/{$file}");
        file_put_contents("{$this->folder}/{$file}", $code);
    }

    public function restore(string $file): void
    {
        unlink("{$this->folder}/{$file}");
        link("{$this->root}/{$file}", "{$this->folder}/{$file}");
    }

    /**
     * Runs tests until the first that fails.
     *
     * @param list<string> $tests   files, from the root of the project
     * @param int          $seconds after which they are taken to run for ever
     *
     * @return resource the process; its exit code is 0 where all passed
     */
    public function test(array $tests, int $seconds)
    {
        // What the last one left says nothing of this one.
        @unlink($this->log());
        $process = proc_open(
            ['timeout', '-k', '2', (string) $seconds, \PHP_BINARY, '-d', 'memory_limit=1G', '-d', 'pcov.enabled=0', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=128M', "{$this->folder}/vendor/bin/pest", '--colors=never', '--compact', '--stop-on-defect', '--log-junit', $this->log(), ...$tests],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            $this->folder,
        );

        return $process === false ? throw new \RuntimeException('The tests could not be started.') : $process;
    }

    /** The test that failed in the last run, as `file: what it says`; empty where none says so, as after a fatal error. */
    public function failed(): string
    {
        $log = new \DOMDocument();
        // Names of cases may hold what no XML may.
        $log->recover = true;
        $text = is_file($this->log()) ? mb_scrub((string) file_get_contents($this->log()), 'UTF-8') : '';
        if ($text === '' || ! @$log->loadXML((string) preg_replace('/[^\P{C}\n\t]/u', '', $text))) {
            return '';
        }
        $case = (new \DOMXPath($log))->query('//testcase[failure or error]');
        $case = $case === false ? null : $case->item(0);
        if (! $case instanceof \DOMElement) {
            return '';
        }
        $file = preg_replace('~::.*$~', '', $case->getAttribute('file')) ?? '';

        return basename($file, '.php') . ': ' . preg_replace(['~^it ~', '~ with data set .*$~', '~ with \(.*$~'], '', $case->getAttribute('name'));
    }

    private function log(): string
    {
        return "{$this->folder}/failed.xml";
    }
}
