<?php

declare(strict_types=1);

use App\Notebook\RowReader;
use App\Notebook\Salvage;
use App\Notebook\Sqlite;
use Tests\Feature\Pages;
use Tests\Feature\Shelf;

/*
 * What is read out of a notebook of which pages are gone, held against what SQLite itself tells of them: how many rows are on each.
 */

/** @return list<int> what was counted, of those that were put in */
function countsRead(string $path): array
{
    return array_map(intval(...), Sqlite::texts(Sqlite::open($path), "select value from counts where submission like 'made-%' order by value"));
}

it('reads out all rows but those of the page that is gone', function (string $by): void {
    $shelf = Shelf::withCounts(app(), 300);
    $sound = (string) file_get_contents($shelf->notebook);
    $pdo = Sqlite::open($shelf->notebook);
    $all = countsRead($shelf->notebook);
    $others = ['plants' => 2, 'sprayers' => 1, 'cases' => 3, 'batches' => 3, 'leaf_tests' => 3, 'rounds' => 3];
    $pages = [...Pages::of($pdo, 'counts'), ...array_slice(Pages::of($pdo, 'counts_submission_unique'), 0, 3)];
    unset($pdo);
    $tried = 0;
    foreach ($pages as $n => $page) {
        // Each third of the many that are alike.
        if ($page['kind'] === 'leaf' && $n % 3 !== 0) {
            continue;
        }
        file_put_contents($shelf->notebook, $sound);
        $shelf->spoil($page['page'], $by);
        $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
        $isOfTable = $n < count($pages) - 3;
        $kept = countsRead("{$shelf->folder}/out.sqlite");
        expect($read->rows['counts'])->toBe(303 - ($isOfTable && $page['kind'] === 'leaf' ? $page['rows'] : 0), "page {$page['page']}, {$page['kind']}")
            ->and(array_intersect_key($read->rows, $others))->toEqual($others)
            ->and(array_diff($kept, $all))->toBe([])->and(array_unique($kept))->toBe($kept);
        ++$tried;
    }
    expect($tried)->toBeGreaterThan(8);
})->with(['zeros' => [str_repeat("\0", 4096)], 'noise' => [str_repeat("\xA5\x5A", 2048)]]);

it('reads what lies between two pages that are gone', function (): void {
    $shelf = Shelf::withCounts(app(), 300);
    $leaves = Pages::leaves(Sqlite::open($shelf->notebook), 'counts');
    // The first and the last of four neighbours.
    foreach ([4, 7] as $n) {
        $shelf->spoil($leaves[$n]['page'], str_repeat("\0", 4096));
    }
    $whole = true;
    $rows = iterator_to_array((new RowReader(Sqlite::open($shelf->notebook)))->rows('counts', $whole));
    expect($whole)->toBeFalse()->and(count($rows))->toBe(303 - $leaves[4]['rows'] - $leaves[7]['rows'])
        ->and(array_map(static fn(array $row): mixed => $row['id'] ?? null, array_values($rows)))->toBe(array_keys($rows));
    $sound = Shelf::withCounts(app(), 20);
    expect(count(iterator_to_array((new RowReader(Sqlite::open($sound->notebook)))->rows('counts', $whole))))->toBe(23)->and($whole)->toBeTrue();
});

it('reads all rows before the place where a file was cut off', function (): void {
    $shelf = Shelf::withCounts(app(), 300);
    $sound = (string) file_get_contents($shelf->notebook);
    $pdo = Sqlite::open($shelf->notebook);
    $leaves = Pages::leaves($pdo, 'counts');
    unset($pdo);
    $last = intdiv(strlen($sound), 4096);
    foreach ([1, 4, 9] as $fewer) {
        file_put_contents($shelf->notebook, substr($sound, 0, 4096 * ($last - $fewer)));
        $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
        $gone = array_sum(array_column(array_filter($leaves, static fn(array $page): bool => $page['page'] > $last - $fewer), 'rows'));
        expect($read->rows['counts'])->toBe(303 - $gone)->and($read->rows['rounds'])->toBe(3)->and($fewer === 1 || $gone > 0)->toBeTrue();
    }
});
