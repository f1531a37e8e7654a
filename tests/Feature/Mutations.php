<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Bodies with one thing wrong: each value in turn replaced by what nobody should send, left out, or given a neighbour. */
final class Mutations
{
    private const BAD = [
        'zero' => 0,
        'minus one' => -1,
        'huge' => 1e300,
        'empty text' => '',
        'number as text' => '12',
        'script' => '<script>alert(1)</script>',
        'null' => null,
        'no' => false,
        'empty list' => [],
        'nested' => [[[[]]]],
        'long' => 'LONG',
    ];

    /**
     * @param array<string, mixed> $body
     *
     * @return iterable<string, array{string, array<string, mixed>}> what was done => where, and the body
     */
    public static function of(array $body): iterable
    {
        foreach (self::paths($body, []) as $path) {
            $at = '/' . implode('/', $path);
            foreach (self::BAD as $name => $value) {
                yield "{$name} at {$at}" => [$at, self::with($body, $path, $value === 'LONG' ? str_repeat('ü', 5000) : $value)];
            }
            yield "nothing at {$at}" => [$at, self::without($body, $path)];
        }
        yield 'an unknown key' => ['/unheard-of', [...$body, 'unheard-of' => 1]];
    }

    /**
     * What of these is no fault, by the last key of where it stands: free text may be anything that is no control character, a switch may
     * be off, a count, a frost and distilled water may be nothing, and what is not needed may be empty or null.
     */
    private const FINE = [
        'script' => ['name', 'notes', 'said', 'line', 'lines', 'left', 'slug'],
        'number as text' => ['name', 'notes', 'said', 'line', 'lines', 'left', 'slug', 'unit'],
        'empty text' => ['name', 'notes', 'said', 'line', 'lines', 'left', 'unit'],
        'empty list' => ['beds', 'pots', 'lines', 'plants', 'pours'],
        'null' => ['pickedInDays', 'scale', 'slug', 'leftBehind', 'sprayer', 'whole', 'kitchen', 'squirt', 'largestFill', 'of'],
        'no' => ['inFlower', 'rinsed', 'highEnd', 'weight'],
        'zero' => ['pickedInDays', 'celsius', 'value', 'from', 'scoop', 'amount of hardness', 'amount of temperature'],
        'minus one' => ['celsius'],
    ];

    /** What may be left out, by its last key; of a list one more or less. */
    private const NOT_NEEDED = [
        'unit', 'weight', 'whole', 'agitation', 'hand', 'measures', 'name', 'pickedInDays', 'upTo', 'strength', 'notes', 'scale', 'openedAt', 'slug', 'beds', 'pots',
        'leftBehind', 'sprayer', 'celsius', 'everyDays', 'inFlower', 'rinsed', 'season', 'circumstances', 'factor', 'highEnd', 'plant', 'water', 'hardness',
        'temperature', 'room', 'lines', 'slips', 'plants', 'place', 'bearsNoOil', 'indoors', 'bloomFrom', 'bloomUntil', 'harvestOn', 'kind', 'step', 'countedAt',
        'untreated', 'sprayerId', 'plantId', 'caseId', 'largestFill', 'pours', 'byEye', 'squirt', 'of',
    ];

    /** Whether nobody need refuse it. */
    public static function isFine(string $done): bool
    {
        [$what, $at] = explode(' at ', $done, 2) + [1 => ''];
        $keys = array_values(array_filter(explode('/', $at), static fn(string $key): bool => $key !== '' && ! ctype_digit($key)));
        $last = end($keys);
        $above = $keys[count($keys) - 2] ?? '';

        return in_array($last, $what === 'nothing' ? self::NOT_NEEDED : self::FINE[$what] ?? [], true) || in_array("{$last} of {$above}", self::FINE[$what] ?? [], true);
    }

    /**
     * Whether a fault at one place speaks of another: itself, what is in it, or the neighbour that it clashes with; of what is missing or
     * not known what it should be in, and then by its name.
     */
    public static function speaksOf(string $told, string $message, string $done, string $wrong): bool
    {
        $gone = array_filter(['nothing at', 'empty list at', 'null at', 'an unknown key'], static fn(string $what): bool => str_starts_with($done, $what)) !== [];
        $named = preg_match('~([a-z-]+)[/\d]*\z~i', $wrong, $key) === 1 && stripos($message, $key[1]) !== false;

        // Where one of a list is missing, the list is too short.
        $short = str_starts_with($done, 'nothing at') && ctype_digit(basename($wrong)) && $told === dirname($wrong);

        return $told === $wrong || $short || str_starts_with($told, "{$wrong}/") || ($gone && $named && str_starts_with($wrong, "{$told}/")) || ($told !== '' && dirname($told) === dirname($wrong));
    }

    /**
     * @param array<mixed>     $value
     * @param list<int|string> $above
     *
     * @return list<list<int|string>>
     */
    private static function paths(array $value, array $above): array
    {
        $all = [];
        foreach ($value as $key => $inner) {
            $all[] = $path = [...$above, $key];
            if (is_array($inner)) {
                array_push($all, ...self::paths($inner, $path));
            }
        }

        return $all;
    }

    /**
     * @param array<mixed>     $body
     * @param list<int|string> $path
     *
     * @return array<string, mixed>
     */
    private static function with(array $body, array $path, mixed $value): array
    {
        $at = &$body;
        foreach ($path as $key) {
            if (! is_array($at)) {
                throw new \LogicException('There is no such place.');
            }
            $at = &$at[$key];
        }
        $at = $value;
        unset($at);

        /** @var array<string, mixed> $body */
        return $body;
    }

    /**
     * @param array<mixed>     $body
     * @param list<int|string> $path
     *
     * @return array<string, mixed>
     */
    private static function without(array $body, array $path): array
    {
        $last = array_pop($path);
        $at = &$body;
        foreach ($path as $key) {
            if (! is_array($at)) {
                throw new \LogicException('There is no such place.');
            }
            $at = &$at[$key];
        }
        if ($last !== null && is_array($at)) {
            unset($at[$last]);
            // An object that is empty stays an object.
            $at = is_int($last) ? array_values($at) : ($at === [] ? (object) [] : $at);
        }
        unset($at);

        /** @var array<string, mixed> $left */
        $left = (array) $body;

        return $left;
    }
}
