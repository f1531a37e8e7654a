<?php

declare(strict_types=1);

namespace Tests\Mutants;

use Random\Randomizer;

/** What Stryker finds when it spoils the classes that hold what the screens remember and do. */
final readonly class Screens
{
    /** Where its report goes: see stryker.config.json. */
    private const REPORT = 'var/screens.json';

    private const CAUGHT = ['Killed', 'Timeout'];

    private const SURVIVED = ['Survived', 'NoCoverage'];

    /** Lines of a file that are spoiled together where a sample is enough. */
    private const WINDOW = 4;

    /** @param list<string> $survived file, line and what was done */
    private function __construct(public int $places, public int $caught, public array $survived) {}

    /**
     * Tries every place, which takes the better part of an hour, or those of so many windows of each file.
     *
     * @param int|null $sample windows of each file; null for all of it
     */
    public static function spoiled(string $root, ?int $sample, Randomizer $chance): self
    {
        $mutate = $sample === null ? '' : '--mutate ' . escapeshellarg(implode(',', self::windows($root, $sample, $chance)));
        passthru('cd ' . escapeshellarg($root) . " && npx --no-install stryker run --reporters json,progress-append-only {$mutate} 1>&2", $status);
        $report = $status === 0 ? file_get_contents("{$root}/" . self::REPORT) : false;
        if ($report === false) {
            throw new \RuntimeException('The screens were not spoiled: what went wrong stands above.');
        }

        return self::read($report);
    }

    public static function read(string $report): self
    {
        /** @var array{files: array<string, array{mutants: list<array{status: string, mutatorName: string, replacement?: string, location: array{start: array{line: int}}}>}>} $told */
        $told = json_decode($report, true, flags: \JSON_THROW_ON_ERROR);
        $caught = 0;
        $survived = [];
        foreach ($told['files'] as $file => $of) {
            foreach ($of['mutants'] as $mutant) {
                if (in_array($mutant['status'], self::CAUGHT, true)) {
                    ++$caught;
                } elseif (in_array($mutant['status'], self::SURVIVED, true)) {
                    $survived[] = "{$file}:{$mutant['location']['start']['line']} {$mutant['mutatorName']} " . mb_strimwidth((string) preg_replace('/\s+/', ' ', $mutant['replacement'] ?? ''), 0, 80, '…');
                }
            }
        }

        return new self($caught + count($survived), $caught, $survived);
    }

    /** @return list<string> `file:from-to`, the same for the same chance */
    private static function windows(string $root, int $sample, Randomizer $chance): array
    {
        $files = explode("\n", trim((string) shell_exec('cd ' . escapeshellarg($root) . ' && find resources/js -name "*.svelte.ts" -not -name "*.test.ts" -not -path "*/tests/*" | sort')));
        $windows = [];
        foreach ($files as $file) {
            $lines = count((array) file("{$root}/{$file}"));
            $starts = $chance->shuffleArray(range(1, max(1, $lines), self::WINDOW));
            foreach (array_slice($starts, 0, $sample) as $start) {
                $windows[] = "{$file}:{$start}-" . min($lines, $start + self::WINDOW - 1);
            }
        }

        return $windows;
    }
}
