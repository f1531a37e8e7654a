<?php

declare(strict_types=1);

namespace Database\Forward;

use stdClass;

/** A plan as it was stored, with keys, bottle strengths and the names of the measures put into it. */
final readonly class OlderPlan
{
    /**
     * @param list<array{slug: string, strength: float|null, stock: int|null}> $leaves lines of the recipe as the plan lists them
     * @param list<stdClass>                                                  $scoops of the tally: `load`, `position`, `scoop`, `words`
     */
    public function __construct(private array $leaves, private array $scoops) {}

    /** @return array<array-key, mixed> */
    public function forward(mixed $plan): array
    {
        $plan = Older::list($plan);
        $loads = array_values(Older::list($plan['loads'] ?? null));
        $plan['loads'] = array_map(fn(mixed $load, int $i): array => $this->load(Older::list($load), $i + 1), $loads, array_keys($loads));

        return $plan;
    }

    /**
     * @param array<array-key, mixed> $load
     *
     * @return array<array-key, mixed>
     */
    private function load(array $load, int $number): array
    {
        $items = array_map(Older::list(...), array_values(Older::list($load['items'] ?? null)));
        $keys = [];
        foreach ($items as $position => $item) {
            $slug = Older::text($item['ingredient'] ?? $item['stock'] ?? null);
            $key = self::free($slug, $keys);
            $keys[] = $key;
            $items[$position] = ['key' => $key, ...$item, 'measured' => $this->measured($item['measured'] ?? null, $number, $position)];
        }
        $load['items'] = $items;
        $load['lines'] = $this->lines(array_values(Older::list($load['lines'] ?? null)), $keys);
        $load['tasks'] = array_map(static function (mixed $task) use ($keys): array {
            $row = Older::list($task);

            return [...$row, 'item' => isset($row['item']) ? $keys[(int) Older::number($row['item'])] : null];
        }, array_values(Older::list($load['tasks'] ?? null)));

        return $load;
    }

    /** @param list<string> $taken */
    private static function free(string $slug, array $taken): string
    {
        $key = $slug;
        for ($n = 2; in_array($key, $taken, true); ++$n) {
            $key = "{$slug}-{$n}";
        }

        return $key;
    }

    /**
     * @param list<mixed>  $lines
     * @param list<string> $keys  of the items: those without a stock first, then the stocks
     *
     * @return list<array<array-key, mixed>>
     */
    private function lines(array $lines, array $keys): array
    {
        $direct = count(array_filter($this->leaves, static fn(array $leaf): bool => $leaf['stock'] === null));
        $nth = 0;
        $all = [];
        foreach ($lines as $i => $line) {
            $leaf = $this->leaves[$i];
            $key = $keys[$leaf['stock'] === null ? $nth++ : $direct + $leaf['stock']];
            $all[] = [...Older::list($line), 'strength' => $leaf['strength'], 'item' => $key, 'measured' => $this->measured(Older::at($line, 'measured'), 0, 0)];
        }

        return $all;
    }

    /** @return array<array-key, mixed> */
    private function measured(mixed $measured, int $load, int $position): array
    {
        $row = Older::list($measured);
        $scoops = array_values(Older::list($row['scoops'] ?? null));
        $row['scoops'] = array_map(fn(mixed $scoop, int $i): array => [...Older::list($scoop), ...$this->named($scoop, $load, $position, $i)], $scoops, array_keys($scoops));

        return $row;
    }

    /** @return array{name: string, words?: string} as the tally called it, where that is not its size */
    private function named(mixed $scoop, int $load, int $position, int $which): array
    {
        foreach ($this->scoops as $row) {
            $words = Older::text($row->words ?? null);
            $there = [$row->load ?? null, $row->position ?? null, $row->scoop ?? null] === [$load, $position, $which];
            $weighed = in_array(Older::at($scoop, 'unit'), ['g', '[oz_av]'], true);
            if ($there && ! $weighed && $words !== Older::text(Older::at($scoop, 'words'))) {
                return ['name' => $words, 'words' => $words];
            }
        }

        return ['name' => ''];
    }
}
