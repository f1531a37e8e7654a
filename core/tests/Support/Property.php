<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support;

use Closure;
use Eris\Facade;
use Eris\Generator;
use PHPUnit\Framework\Assert;
use PHPUnit\Framework\AssertionFailedError;

/**
 * Something that holds whatever is put in. A failure is made as small as it can be, and told with its values and its seed; it is then kept
 * beside the property as a case that is tried before any other. MIXER_SEED=… runs another seed; ./check --long takes a new one, and prints it.
 */
final class Property
{
    private const SEED = 20261127;

    private const TIMES = 200;

    private const TIMES_LONG = 10_000;

    /**
     * @param list<Generator<mixed>> $any    of what is put in
     * @param Closure                $holds  takes what they make, and asserts
     * @param list<list<mixed>>      $kept   what failed once
     */
    public static function holds(array $any, Closure $holds, array $kept = []): void
    {
        foreach ($kept as $values) {
            self::tried($holds, $values, 'kept');
        }
        $long = getenv('MIXER_LONG') === '1';
        $said = getenv('MIXER_SEED');
        $seed = is_numeric($said) ? (int) $said : ($long ? random_int(1, 1_000_000_000) : self::SEED);
        if ($long) {
            fwrite(\STDERR, " seed {$seed}\n");
        }
        putenv("ERIS_SEED={$seed}");
        (new Facade())->limitTo($long ? self::TIMES_LONG : self::TIMES)->shrinkingTimeLimit(20)->forAll(...$any)
            ->then(static function (mixed ...$values) use ($holds, $seed): void {
                self::tried($holds, array_values($values), "seed {$seed}");
            });
        // What holds says so by assertions; one that makes none would hold of anything.
        Assert::assertGreaterThan(0, Assert::getCount());
    }

    /** @param list<mixed> $values */
    private static function tried(Closure $holds, array $values, string $where): void
    {
        try {
            $holds(...$values);
        } catch (\Throwable $fault) {
            throw new AssertionFailedError(sprintf('%s, with %s: %s', ucfirst($where), json_encode($values, \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_UNESCAPED_UNICODE), $fault->getMessage()), 0, $fault);
        }
    }
}
