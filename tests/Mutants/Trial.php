<?php

declare(strict_types=1);

namespace Tests\Mutants;

/** Tries mutants in copies of the project, so many at a time, and tells of each whether a test caught it. */
final class Trial
{
    /** Longer than this many times what the tests take, a mutant runs for ever. */
    private const PATIENCE = 3;

    private const GRACE = 20;

    /** @var array<int, array{process: resource, mutant: Mutant, place: string}> by copy */
    private array $running = [];

    /** @var list<string> */
    private array $copies = [];

    public function __construct(private readonly string $root, private readonly Coverage $coverage, int $atOnce)
    {
        for ($i = 0; $i < $atOnce; ++$i) {
            $copy = sys_get_temp_dir() . '/mutants-' . getmypid() . "-{$i}";
            mkdir($copy);
            foreach (['app', 'bootstrap', 'compat', 'config', 'core', 'database', 'routes', 'schemas', 'server', 'tests', 'vendor', 'resources', 'public', 'docs', 'composer.json', 'phpunit.xml', 'openapi.yaml', 'artisan', 'README.md'] as $part) {
                exec('cp -al ' . escapeshellarg("{$root}/{$part}") . ' ' . escapeshellarg("{$copy}/{$part}"));
            }
            $this->copies[] = $copy;
        }
    }

    public function __destruct()
    {
        foreach ($this->copies as $copy) {
            exec('rm -rf ' . escapeshellarg($copy));
        }
    }

    /**
     * @param iterable<Mutant>             $mutants
     * @param callable(Mutant, bool): void $tell    of each, whether it was caught
     */
    public function of(iterable $mutants, callable $tell): void
    {
        foreach ($mutants as $mutant) {
            $tests = $this->coverage->of($this->root, $mutant->file, $mutant->line);
            if ($tests === []) {
                $tell($mutant, false);
                continue;
            }
            $this->start($this->free($tell), $mutant, $tests);
        }
        while ($this->running !== []) {
            $this->wait($tell);
        }
    }

    /** @param callable(Mutant, bool): void $tell */
    private function free(callable $tell): int
    {
        while (count($this->running) === count($this->copies)) {
            $this->wait($tell);
        }

        return (int) array_key_first(array_diff_key($this->copies, $this->running));
    }

    /** @param list<string> $tests */
    private function start(int $copy, Mutant $mutant, array $tests): void
    {
        $place = "{$this->copies[$copy]}/{$mutant->file}";
        // The copy shares its files with the project: the link is cut before anything is written.
        unlink($place);
        file_put_contents($place, $mutant->code);
        $limit = (int) (self::GRACE + self::PATIENCE * $this->coverage->seconds($tests));
        $process = proc_open(
            ['timeout', '-k', '2', (string) $limit, \PHP_BINARY, '-d', 'memory_limit=1G', "{$this->copies[$copy]}/vendor/bin/pest", '--colors=never', '--compact', '--stop-on-defect', ...$tests],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            $this->copies[$copy],
        );
        if ($process === false) {
            throw new \RuntimeException('The tests could not be started.');
        }
        $this->running[$copy] = ['process' => $process, 'mutant' => $mutant, 'place' => $place];
    }

    /** @param callable(Mutant, bool): void $tell */
    private function wait(callable $tell): void
    {
        foreach ($this->running as $copy => $run) {
            $status = proc_get_status($run['process']);
            if (! $status['running']) {
                proc_close($run['process']);
                unset($this->running[$copy]);
                unlink($run['place']);
                link("{$this->root}/{$run['mutant']->file}", $run['place']);
                $tell($run['mutant'], $status['exitcode'] !== 0);

                return;
            }
        }
        usleep(20_000);
    }
}
