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

    /** Whether a fault at one place speaks of another: itself, what is in it, what it is in, or the neighbour that it clashes with. */
    public static function related(string $told, string $wrong): bool
    {
        return $told === '' || $told === $wrong || dirname($told) === dirname($wrong) || str_starts_with($told, "{$wrong}/") || str_starts_with($wrong, "{$told}/");
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
            $at = is_int($last) ? array_values($at) : $at;
        }
        unset($at);

        /** @var array<string, mixed> $body */
        return $body;
    }
}
