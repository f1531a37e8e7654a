<?php

declare(strict_types=1);

namespace Tests\Mutants;

/** Which test files run which lines, and how long each takes. */
final readonly class Coverage
{
    /**
     * @param array<string, array<string, list<int>>> $lines   by test file and by file of the product
     * @param array<string, float>                    $seconds by test file
     */
    private function __construct(private array $lines, private array $seconds) {}

    /** Runs every test file by itself; with what is known of files that have not changed, from `$kept`. */
    public static function measure(string $root, string $kept): self
    {
        $mark = self::mark($root);
        $known = is_file($kept) ? json_decode((string) file_get_contents($kept), true) : null;
        if (is_array($known) && ($known['mark'] ?? null) === $mark && is_array($known['lines'] ?? null) && is_array($known['seconds'] ?? null)) {
            /** @var array{lines: array<string, array<string, list<int>>>, seconds: array<string, float>} $known */
            return new self($known['lines'], $known['seconds']);
        }
        $lines = $seconds = [];
        foreach (self::testFiles($root) as $test) {
            $into = (string) tempnam(sys_get_temp_dir(), 'cover');
            $began = microtime(true);
            $process = proc_open(
                [\PHP_BINARY, '-d', 'pcov.enabled=1', '-d', "pcov.directory={$root}", '-d', 'pcov.exclude=~/(vendor|tests|node_modules)/~', '-d', 'memory_limit=1G', '-d', "auto_prepend_file={$root}/tests/Mutants/cover.php", "{$root}/vendor/bin/pest", '--colors=never', '--compact', $test],
                [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
                $pipes,
                $root,
                [...getenv(), 'MUTANTS_COVER' => $into],
            );
            $status = $process === false ? 1 : proc_close($process);
            $seconds[$test] = microtime(true) - $began;
            $found = json_decode((string) file_get_contents($into), true);
            unlink($into);
            if ($status !== 0 || ! is_array($found)) {
                throw new \RuntimeException("{$test} does not pass without any fault in it; mend that first.");
            }
            foreach ($found as $file => $hits) {
                $lines[$test][substr((string) $file, strlen($root) + 1)] = array_values(array_filter((array) $hits, is_int(...)));
            }
        }
        file_put_contents($kept, json_encode(['mark' => $mark, 'lines' => $lines, 'seconds' => $seconds], \JSON_THROW_ON_ERROR));

        return new self($lines, $seconds);
    }

    /**
     * Test files that run a line, quickest first. A catalogue has no lines that run of their own: there it is whoever of
     * core's own tests reads the file, or runs a class that names the constants.
     *
     * @return list<string>
     */
    public function of(string $root, string $file, int $line): array
    {
        $tests = match (true) {
            str_starts_with($file, 'core/data/lines/') => $this->ofUsers($root, basename($file, '.php')),
            str_starts_with($file, 'core/data/') => array_keys(array_filter($this->lines, static fn(array $files, string $test): bool => ($files[$file] ?? []) !== [] && str_starts_with($test, 'core/'), \ARRAY_FILTER_USE_BOTH)),
            default => $this->ofLine($file, $line),
        };
        // Rules are tested on their own: what core's own tests run is theirs to notice, and the features' only where they do not.
        $own = array_values(array_filter($tests, static fn(string $test): bool => str_starts_with($test, 'core/')));
        $tests = $own === [] ? $tests : $own;
        usort($tests, fn(string $one, string $other): int => $this->seconds[$one] <=> $this->seconds[$other]);

        return $tests;
    }

    /** @param list<string> $tests */
    public function seconds(array $tests): float
    {
        return array_sum(array_map(fn(string $test): float => $this->seconds[$test], $tests));
    }

    /** @return list<string> those that run the line; where it runs nothing of its own, as a constant, those that run any of the file */
    private function ofLine(string $file, int $line): array
    {
        $there = array_keys(array_filter($this->lines, static fn(array $files): bool => in_array($line, $files[$file] ?? [], true)));

        return $there === [] ? array_keys(array_filter($this->lines, static fn(array $files): bool => ($files[$file] ?? []) !== [])) : $there;
    }

    /** @return list<string> */
    private function ofUsers(string $root, string $class): array
    {
        $tests = [];
        foreach ($this->lines as $test => $files) {
            foreach ($files as $file => $hits) {
                if ($hits !== [] && str_starts_with($test, 'core/') && str_contains((string) file_get_contents("{$root}/{$file}"), "{$class}::")) {
                    $tests[] = $test;
                    break;
                }
            }
        }

        return $tests;
    }

    /** @return list<string> */
    private static function testFiles(string $root): array
    {
        $files = array_merge((array) glob("{$root}/core/tests/*/*Test.php"), (array) glob("{$root}/tests/Feature/*Test.php"));

        return array_map(static fn(mixed $file): string => substr((string) $file, strlen($root) + 1), $files);
    }

    private static function mark(string $root): string
    {
        $hash = hash_init('sha256');
        foreach (['core', 'app', 'tests/Feature'] as $folder) {
            $files = explode("\n", trim((string) shell_exec('find ' . escapeshellarg("{$root}/{$folder}") . ' -type f | sort')));
            foreach ($files as $file) {
                hash_update_file($hash, $file);
            }
        }

        return hash_final($hash);
    }
}
