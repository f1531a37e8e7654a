<?php

declare(strict_types=1);

namespace Tests\Mutants;

/** Tries mutants in copies of the project, so many at a time, and tells of each whether a test caught it. */
final class Trial
{
    /** Longer than this many times what the tests take while they are watched, which is three times what they take here, a mutant runs for ever. */
    private const PATIENCE = 1;

    private const GRACE = 20;

    /** Tests that take longer than this in all, as slow as they are while they are watched, are not asked for one mutant: the score is at the least what it says. */
    private const SECONDS = 600.0;

    /** @var array<int, array{process: resource, mutant: Mutant}> by workplace */
    private array $running = [];

    /** @var list<Workplace> */
    private array $places = [];

    public function __construct(private readonly string $root, private readonly Coverage $coverage, int $atOnce)
    {
        for ($i = 0; $i < $atOnce; ++$i) {
            $this->places[] = new Workplace($root);
        }
    }

    /**
     * @param iterable<Mutant>             $mutants
     * @param callable(Mutant, bool): void $tell    of each, whether it was caught
     */
    public function of(iterable $mutants, callable $tell): void
    {
        foreach ($mutants as $mutant) {
            $tests = $this->coverage->of($this->root, $mutant->file, $mutant->line, self::SECONDS);
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
        while (count($this->running) === count($this->places)) {
            $this->wait($tell);
        }

        return (int) array_key_first(array_diff_key($this->places, $this->running));
    }

    /** @param list<string> $tests */
    private function start(int $place, Mutant $mutant, array $tests): void
    {
        $this->places[$place]->write($mutant->file, $mutant->code);
        $this->running[$place] = ['process' => $this->places[$place]->test($tests, (int) (self::GRACE + self::PATIENCE * $this->coverage->seconds($tests))), 'mutant' => $mutant];
    }

    /** @param callable(Mutant, bool): void $tell */
    private function wait(callable $tell): void
    {
        foreach ($this->running as $place => $run) {
            $status = proc_get_status($run['process']);
            if (! $status['running']) {
                proc_close($run['process']);
                unset($this->running[$place]);
                $this->places[$place]->restore($run['mutant']->file);
                $tell($run['mutant'], $status['exitcode'] !== 0);

                return;
            }
        }
        usleep(20_000);
    }
}
