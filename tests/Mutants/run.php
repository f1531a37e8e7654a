<?php

declare(strict_types=1);

/*
 * Puts small faults into the product and sees whether the tests notice.
 *
 *   ./mutants Safety Leaf          every fault of modules of core; `data` and `app` are modules, too
 *   ./mutants --changed            every fault of the files that differ from the last commit
 *   ./mutants --sample 20          of every module so many, of catalogues and the application eight times as many, always the same ones
 *   ./mutants --sample 20 --write  the same, and the table goes into docs/testing.md
 *   ./mutants --screens            every fault of what the screens remember and do; with --sample 6 those of six windows of each file
 *   ./mutants --seed 31 …          another sample
 *
 * Needs php8.2-pcov, to know which tests run which line. Survivors are listed with file and line.
 */

use Tests\Mutants\Coverage;
use Tests\Mutants\Mutator;
use Tests\Mutants\Scores;
use Tests\Mutants\Screens;
use Tests\Mutants\Trial;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$root = dirname(__DIR__, 2);

/** @var list<string> $arguments */
$arguments = array_slice($argv, 1);
$sample = null;
$write = $changed = $screens = false;
$seed = 15;
$wanted = [];
while (($argument = array_shift($arguments)) !== null) {
    match ($argument) {
        '--sample' => $sample = max(1, (int) array_shift($arguments)),
        '--write' => $write = true,
        '--changed' => $changed = true,
        '--screens' => $screens = true,
        '--seed' => $seed = (int) array_shift($arguments),
        default => $wanted[] = $argument,
    };
}
if ($wanted === [] && $sample === null && ! $changed && ! $screens) {
    fwrite(\STDERR, "Say which: ./mutants MODULE…, ./mutants --changed, or ./mutants --sample 20\n");
    exit(1);
}
if (! extension_loaded('pcov')) {
    fwrite(\STDERR, "Missing: php8.2-pcov. Run this once, then start again:  sudo apt-get install -y php8.2-pcov\n");
    exit(1);
}

$files = explode("\n", trim((string) shell_exec('cd ' . escapeshellarg($root) . ' && find core/src core/data app -name "*.php" | sort')));
if ($changed) {
    $files = array_values(array_intersect($files, explode("\n", trim((string) shell_exec('cd ' . escapeshellarg($root) . ' && git diff --name-only HEAD && git ls-files --others --exclude-standard')))));
}
$modules = [];
foreach ($files as $file) {
    $modules[Scores::moduleOf($file)][] = $file;
}
$unknown = array_diff($wanted, array_keys($modules));
if ($unknown !== []) {
    fwrite(\STDERR, 'There is no module ' . implode(', ', $unknown) . '; there are ' . implode(', ', array_keys($modules)) . ".\n");
    exit(1);
}
if ($wanted !== [] || ($sample === null && ! $changed)) {
    $modules = array_intersect_key($modules, array_flip($wanted));
}

is_dir($root . '/var') || mkdir($root . '/var');
fwrite(\STDERR, "Finding out which tests run which line …\n");
$coverage = $modules === [] ? null : Coverage::measure($root, $root . '/var/coverage.json');
$mutator = new Mutator();
$scores = new Scores();
$chance = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$began = microtime(true);

$mutants = (static function () use ($root, $modules, $mutator, $scores, $sample, $chance): Generator {
    foreach ($modules as $module => $files) {
        $places = [];
        $code = [];
        foreach ($files as $file) {
            $code[$file] = (string) file_get_contents($root . "/{$file}");
            for ($place = 0, $count = $mutator->count($file, $code[$file]); $place < $count; ++$place) {
                $places[] = [$file, $place];
            }
        }
        $scores->found($module, count($places));
        $picked = $sample === null ? $places : array_slice($chance->shuffleArray($places), 0, in_array($module, ['data', 'app'], true) ? 8 * $sample : $sample);
        foreach ($picked as [$file, $place]) {
            yield $mutator->at($file, $code[$file], $place);
        }
    }
})();
if ($coverage !== null) {
    (new Trial($root, $coverage, 2))->of($mutants, static function (Tests\Mutants\Mutant $mutant, bool $caught) use ($scores): void {
        $scores->tried(Scores::moduleOf($mutant->file), $caught);
        if (! $caught) {
            echo "survived: {$mutant->file}:{$mutant->line} {$mutant->what}\n";
        }
    });
}
if ($screens) {
    $found = Screens::spoiled($root, $sample, $chance);
    $scores->counted('screens', $found->places, $found->caught);
    echo implode('', array_map(static fn(string $one): string => "survived: {$one}\n", $found->survived));
}

$table = $scores->table();
echo "\n{$table}";
fprintf(\STDERR, "In %.0f s.\n", microtime(true) - $began);
if ($write) {
    $docs = $root . '/docs/testing.md';
    $text = (string) file_get_contents($docs);
    file_put_contents($docs, (string) preg_replace('/(?<=<!-- scores -->\n).*?(?=<!-- end of scores -->)/s', "\nMeasured " . date('Y-m-d') . ", seed {$seed}, up to {$sample} places of each module, eight times as many of catalogues and the application, and {$sample} windows of four lines of each file of the screens’ state:\n\n{$table}\n", $text));
}
