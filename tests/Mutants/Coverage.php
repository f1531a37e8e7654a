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

    /** Runs every test file by itself, two at a time; what is known of those that run nothing that has changed comes from `$kept`. */
    public static function measure(string $root, string $kept): self
    {
        /** @var array<string, array{mark: string, seconds: float, lines: array<string, list<int>>}> $known */
        $known = is_file($kept) ? (array) json_decode((string) file_get_contents($kept), true) : [];
        $hashes = [];
        $mark = static function (string $test, array $lines) use ($root, &$hashes): string {
            $files = [$test, ...array_keys($lines)];
            sort($files);

            return hash('sha256', implode(' ', array_map(static function (int|string $file) use ($root, &$hashes): string {
                return $hashes[$file] ??= is_file("{$root}/{$file}") ? (string) hash_file('sha256', "{$root}/{$file}") : '';
            }, $files)));
        };
        $fresh = [];
        $running = [];
        // In a copy, as whatever is tried later: a test that cannot pass there would catch everything.
        $place = new Workplace($root);
        $wanted = array_values(array_filter(self::testFiles($root), static fn(string $test): bool => ! isset($known[$test]) || $known[$test]['mark'] !== $mark($test, $known[$test]['lines'])));
        foreach (array_diff(self::testFiles($root), $wanted) as $test) {
            $fresh[$test] = $known[$test];
        }
        while ($wanted !== [] || $running !== []) {
            while ($wanted !== [] && count($running) < 2) {
                $running[] = self::started($place->folder, array_shift($wanted));
            }
            foreach ($running as $i => $run) {
                $status = proc_get_status($run['process']);
                if ($status['running']) {
                    continue;
                }
                unset($running[$i]);
                $found = json_decode((string) file_get_contents($run['into']), true);
                unlink($run['into']);
                if ($status['exitcode'] !== 0 || ! is_array($found)) {
                    file_put_contents($kept, json_encode($fresh + $known, \JSON_THROW_ON_ERROR));
                    throw new \RuntimeException("{$run['test']} does not pass without any fault in it; mend that first.");
                }
                $lines = [];
                foreach ($found as $file => $hits) {
                    $lines[substr((string) $file, strlen($place->folder) + 1)] = array_values(array_filter((array) $hits, is_int(...)));
                }
                $fresh[$run['test']] = ['mark' => $mark($run['test'], $lines), 'seconds' => microtime(true) - $run['began'], 'lines' => $lines];
            }
            usleep(20_000);
        }
        file_put_contents($kept, json_encode($fresh, \JSON_THROW_ON_ERROR));

        return new self(array_map(static fn(array $one): array => $one['lines'], $fresh), array_map(static fn(array $one): float => $one['seconds'], $fresh));
    }

    /** @return array{test: string, into: string, began: float, process: resource} */
    private static function started(string $folder, string $test): array
    {
        $into = (string) tempnam(sys_get_temp_dir(), 'cover');
        $process = proc_open(
            [\PHP_BINARY, '-d', 'pcov.enabled=1', '-d', "pcov.directory={$folder}", '-d', 'pcov.exclude=~/(vendor|tests|node_modules)/~', '-d', 'memory_limit=1G', '-d', "auto_prepend_file={$folder}/tests/Mutants/cover.php", "{$folder}/vendor/bin/pest", '--colors=never', '--compact', $test],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            $folder,
            [...getenv(), 'MUTANTS_COVER' => $into],
        );
        if ($process === false) {
            throw new \RuntimeException('The tests could not be started.');
        }

        return ['test' => $test, 'into' => $into, 'began' => microtime(true), 'process' => $process];
    }

    /**
     * Test files that run a line: rules' own first, the quickest of them first, and no more than go into so many seconds. A
     * catalogue has no lines that run of their own: there it is whoever reads the file, or runs a class that names the constants.
     *
     * @return list<string>
     */
    public function of(string $root, string $file, int $line, float $seconds): array
    {
        $tests = match (true) {
            str_starts_with($file, 'core/data/lines/') => $this->ofConstant($root, $file, $line),
            str_starts_with($file, 'core/data/') => $this->ofFile($file),
            default => $this->inOrder($this->ofLine($file, $line)),
        };
        $within = [];
        foreach ($tests as $test) {
            $seconds -= $this->seconds[$test];
            if ($within !== [] && $seconds < 0.0) {
                break;
            }
            $within[] = $test;
        }

        return $within;
    }

    /**
     * Every test file that runs anything of a file, rules' own first, the quickest of them first.
     *
     * @return list<string>
     */
    public function ofFile(string $file): array
    {
        return $this->inOrder(array_keys(array_filter($this->lines, static fn(array $files): bool => ($files[$file] ?? []) !== [])));
    }

    /**
     * Every test file that runs a class which names the constant of this line, rules' own first, the quickest of them first; then those
     * that run a class which names others of the file.
     *
     * @return list<string>
     */
    private function ofConstant(string $root, string $file, int $line): array
    {
        $class = basename($file, '.php');
        $above = implode('', array_slice((array) file("{$root}/{$file}"), 0, $line));
        $own = preg_match_all('/ const ([A-Z_]+) =/', $above, $names) > 0 ? $this->ofUsers($root, "{$class}::" . $names[1][count($names[1]) - 1] . '[') : [];

        return [...$this->inOrder($own), ...array_values(array_diff($this->ofConstants($root, $file), $own))];
    }

    /**
     * Every test file that runs a class which names constants of this file, rules' own first, the quickest of them first.
     *
     * @return list<string>
     */
    public function ofConstants(string $root, string $file): array
    {
        return $this->inOrder($this->ofUsers($root, basename($file, '.php') . '::'));
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

    /**
     * @param list<string> $tests
     *
     * @return list<string>
     */
    private function inOrder(array $tests): array
    {
        usort($tests, fn(string $one, string $other): int => [str_starts_with($one, 'tests/'), $this->seconds[$one]] <=> [str_starts_with($other, 'tests/'), $this->seconds[$other]]);

        return $tests;
    }

    /** @return list<string> test files that run anything of a file in which that is written */
    private function ofUsers(string $root, string $written): array
    {
        $files = array_unique(array_merge(...array_map(static fn(array $files): array => array_keys(array_filter($files)), array_values($this->lines))));
        // What a copy made for itself is none of the project's.
        $users = array_filter($files, static fn(int|string $file): bool => is_file("{$root}/{$file}") && str_contains((string) file_get_contents("{$root}/{$file}"), $written));

        return array_keys(array_filter($this->lines, static fn(array $files): bool => array_intersect_key(array_filter($files), array_flip($users)) !== []));
    }

    /** @return list<string> */
    private static function testFiles(string $root): array
    {
        $files = array_merge((array) glob("{$root}/core/tests/*/*Test.php"), (array) glob("{$root}/tests/Feature/*Test.php"));

        return array_map(static fn(mixed $file): string => substr((string) $file, strlen($root) + 1), $files);
    }
}
