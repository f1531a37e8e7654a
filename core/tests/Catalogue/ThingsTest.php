<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Words\MissingWords;

it('finds a thing by its slug, the same alone and among all, and nothing outside its folder', function (string $kind): void {
    $all = Things::of($kind)->rows();
    expect(count($all))->toBeGreaterThan(10);
    foreach ($all as $slug => $row) {
        expect(Things::of($kind)->row($slug))->toBe($row, $slug);
    }
    foreach (['', 'no-such-thing', '../limits', '../troubles/aphids', 'Aphids', "aphids\n", str_repeat('a', 5000)] as $slug) {
        expect(Things::of($kind)->row($slug))->toBeNull($slug);
    }
})->with(['troubles', 'ingredients', 'sprays']);

it('offers things in the order of their ranks, of which no two are alike', function (string $kind): void {
    $ranks = array_values(array_filter(Things::of($kind)->column('rank'), is_int(...)));
    $sorted = array_unique($ranks);
    sort($sorted);
    expect($ranks)->toBe($sorted)->and(count($ranks))->toBe(count(Things::of($kind)->rows()));
})->with(['troubles', 'ingredients', 'sprays']);

it('goes by others than the shipped ones where it is given some, and says which is called nothing', function (): void {
    $given = Things::given('ingredients', ['moon-dust' => ['rank' => 1]]);
    expect($given->row('neem-oil'))->toBeNull()->and($given->row('moon-dust'))->toBe(['rank' => 1])
        ->and(static fn(): array => $given->named())->toThrow(MissingWords::class, 'ingredients/moon-dust');
});
