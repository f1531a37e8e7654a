<?php

declare(strict_types=1);

use IdleMixer\Core\Photo\Mask;

/** A set drawn by hand: # is of it. */
function drawn(string $picture): Mask
{
    $rows = array_map(trim(...), explode("\n", trim($picture)));

    return new Mask(strlen($rows[0]), count($rows), array_map(static fn(string $one): bool => $one === '#', str_split(implode('', $rows))));
}

function picture(Mask $mask): string
{
    $points = implode('', array_map(static fn(bool $on): string => $on ? '#' : '.', $mask->on));

    return implode("\n", str_split($points, max(1, $mask->width)));
}

function same(string $picture): string
{
    return picture(drawn($picture));
}

it('counts its points', function (): void {
    expect(drawn("#.#\n.##\n...")->area())->toBe(4)->and(drawn('...')->area())->toBe(0);
});

// Chamfer 3-4: a step to the side is 1, a step across a corner 4/3.
it('knows how far the outside is', function (): void {
    $found = array_map(static fn(float $d): int => (int) round(3.0 * $d), drawn('
        .......
        .#####.
        .#####.
        .#####.
        .#####.
        .....#.
        .......
    ')->distances());
    expect(array_chunk($found, 7))->toBe([
        [0, 0, 0, 0, 0, 0, 0],
        [0, 3, 3, 3, 3, 3, 0],
        [0, 3, 6, 6, 6, 3, 0],
        [0, 3, 6, 6, 6, 3, 0],
        [0, 3, 3, 3, 3, 3, 0],
        [0, 0, 0, 0, 0, 3, 0],
        [0, 0, 0, 0, 0, 0, 0],
    ]);
});

it('takes the shortest way from one single point outside', function (string $picture, array $thirds): void {
    $mask = drawn($picture);
    expect(array_chunk(array_map(static fn(float $d): int => (int) round(3.0 * $d), $mask->distances()), max(1, $mask->width)))->toBe($thirds);
})->with([
    'top left' => ['
        .###
        ####
        ####
    ', [[0, 3, 6, 9], [3, 4, 7, 10], [6, 7, 8, 11]]],
    'bottom right' => ['
        ####
        ####
        ###.
    ', [[11, 8, 7, 6], [10, 7, 4, 3], [9, 6, 3, 0]]],
    'top right' => ['
        ###.
        ####
        ####
    ', [[9, 6, 3, 0], [10, 7, 4, 3], [11, 8, 7, 6]]],
    'bottom left' => ['
        ####
        ####
        .###
    ', [[6, 7, 8, 11], [3, 4, 7, 10], [0, 3, 6, 9]]],
    'in the middle' => ['
        #####
        #####
        ##.##
        #####
        #####
    ', [[8, 7, 6, 7, 8], [7, 4, 3, 4, 7], [6, 3, 0, 3, 6], [7, 4, 3, 4, 7], [8, 7, 6, 7, 8]]],
]);

it('finds nothing outside of what fills the picture', function (): void {
    foreach (drawn("###\n###")->distances() as $far) {
        expect($far)->toBeGreaterThan(1e5);
    }
});

// Two points wide is no more than twice a radius of 1, six are. A disc still reaches one point into where the thin part begins.
it('loses its thin parts when it is opened', function (): void {
    expect(picture(drawn('
        ...............
        ..######.......
        ..######.......
        ..###########..
        ..###########..
        ..######.......
        ..######.......
        ...............
    ')->opened(1)))->toBe(same('
        ...............
        ..######.......
        ..######.......
        ..#######......
        ..#######......
        ..######.......
        ..######.......
        ...............
    '));
});

it('loses all that is thin', function (): void {
    expect(drawn('
        ......
        .####.
        .####.
        ......
    ')->opened(1)->area())->toBe(0);
});

// By a cross of one point: what it reaches from both sides is filled, but for the ends, which it reaches from outside.
it('fills its narrow gaps when it is closed, and no wide ones', function (): void {
    expect(picture(drawn('
        ....................
        ....................
        ....................
        ...#####.#####......
        ...#####.#####......
        ...#####.#####......
        ...#####.#####......
        ....................
        ....................
        ....................
    ')->closed(1)))->toBe(same('
        ....................
        ....................
        ....................
        ...#####.#####......
        ...###########......
        ...###########......
        ...#####.#####......
        ....................
        ....................
        ....................
    '));
    $wide = '
        ....................
        ....................
        ...#####....#####...
        ...#####....#####...
        ...#####....#####...
        ....................
        ....................
    ';
    expect(picture(drawn($wide)->closed(1)))->toBe(same($wide));
});

it('keeps every second point of every second row', function (): void {
    expect(picture(drawn('
        #.#.#
        .....
        ..#..
        #####
        #####
    ')->halved()))->toBe("##\n.#");
});

it('falls into pieces that hang together by their sides, the largest first', function (): void {
    $pieces = drawn('
        ##..#
        #..##
        ..#..
        #####
    ')->pieces();
    $sorted = array_map(static function (array $piece): array {
        sort($piece);

        return $piece;
    }, $pieces);
    expect($sorted)->toBe([[12, 15, 16, 17, 18, 19], [0, 1, 5], [4, 8, 9]]);
});

it('does not hang together over the edge of the picture', function (): void {
    expect(drawn('
        ..#
        #..
    ')->pieces())->toBe([[2], [3]]);
});

it('goes round corners in all four ways', function (): void {
    expect(drawn('
        #####
        #...#
        ###.#
        ..#.#
        ###.#
        #...#
        #####
    ')->pieces())->toHaveCount(1);
});

it('is left with some of its points', function (): void {
    expect(picture(drawn("###\n###")->only([1, 5])))->toBe(".#.\n..#");
});

it('has holes where it shuts something in, and none at the edge of the picture', function (): void {
    $holes = drawn('
        #####.#
        #.#.###
        #####.#
        #.#####
        ##.##.#
        ####.##
    ')->holes();
    sort($holes);
    expect($holes)->toBe([[8], [10], [19], [22], [30], [33]]);
    expect(drawn('
        .###
        ##.#
        #..#
        ####
    ')->holes())->toBe([[6, 10, 9]]);
    foreach (["#.#\n###\n###", "###\n###\n#.#", "###\n.##\n###", "###\n##.\n###"] as $open) {
        expect(drawn($open)->holes())->toBe([], $open);
    }
});
