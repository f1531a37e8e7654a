<?php

declare(strict_types=1);

namespace Tests\Mutants;

/** How many mutants of each module were caught, and the table of it. */
final class Scores
{
    /** @var array<string, array{places: int, tried: int, caught: int}> */
    private array $modules = [];

    public static function moduleOf(string $file): string
    {
        $parts = explode('/', $file);

        return match (true) {
            str_starts_with($file, 'core/src/') => count($parts) > 3 ? $parts[2] : 'core',
            str_starts_with($file, 'core/data/') => 'data',
            default => 'app',
        };
    }

    public function found(string $module, int $places): void
    {
        $this->modules[$module] = ['places' => ($this->modules[$module]['places'] ?? 0) + $places, 'tried' => 0, 'caught' => 0];
    }

    public function tried(string $module, bool $caught): void
    {
        $row = $this->modules[$module] ?? ['places' => 0, 'tried' => 0, 'caught' => 0];
        $this->modules[$module] = ['places' => $row['places'], 'tried' => $row['tried'] + 1, 'caught' => $row['caught'] + ($caught ? 1 : 0)];
    }

    /** What another tool counted. */
    public function counted(string $module, int $places, int $caught): void
    {
        $this->modules[$module] = ['places' => $places, 'tried' => $places, 'caught' => $caught];
    }

    public function table(): string
    {
        $rows = ['| Module | Places | Tried | Caught | Score |', '| --- | --: | --: | --: | --: |'];
        foreach (array_filter($this->modules, static fn(array $row): bool => $row['places'] > 0) as $module => $row) {
            $rows[] = self::row("`{$module}`", $row);
        }
        $core = array_diff_key($this->modules, ['data' => true, 'app' => true, 'screens' => true]);
        if (count($core) > 1) {
            $rows[] = self::row('core/src in all', ['places' => array_sum(array_column($core, 'places')), 'tried' => array_sum(array_column($core, 'tried')), 'caught' => array_sum(array_column($core, 'caught'))]);
        }

        return implode("\n", $rows) . "\n";
    }

    /** @param array{places: int, tried: int, caught: int} $row */
    private static function row(string $name, array $row): string
    {
        $score = $row['tried'] === 0 ? 'none tried' : round(100 * $row['caught'] / $row['tried']) . ' %';

        return "| {$name} | {$row['places']} | {$row['tried']} | {$row['caught']} | {$score} |";
    }
}
