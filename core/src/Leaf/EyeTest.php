<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Evidence\Concordance;

/** Ten drawn leaves with known injury, new for every number, and how an eye reads them. */
final readonly class EyeTest
{
    private function __construct(public LeafShape $shape, public int $seed) {}

    public static function of(LeafShape $shape, int $seed): self
    {
        return new self($shape, $seed);
    }

    /** @return list<DrawnLeaf> */
    public function leaves(): array
    {
        $leaves = [];
        foreach ($this->order() as $n => $at) {
            $leaves[] = LeafDrawer::draw($this->shape, LeafLines::EYE_SHARES['value'][$at] * (0.75 + 0.5 * self::part($this->seed + 31 * $n)), $this->seed + 97 * $n + 1);
        }

        return $leaves;
    }

    /**
     * @param list<float>         $guesses percents, in the order of the leaves
     * @param list<DrawnLeaf>|null $leaves  where they were drawn already
     *
     * @return list<array{float, float}> read and true
     */
    public function pairs(array $guesses, ?array $leaves = null): array
    {
        return array_map(static fn(float $guess, DrawnLeaf $leaf): array => [$guess, $leaf->share], $guesses, $leaves ?? $this->leaves());
    }

    /**
     * How far an eye reads too high (above 0) or too low, among leaves below the line and among the others, in points of percent.
     *
     * @param list<array{float, float}> $pairs
     *
     * @return array{low: float|null, high: float|null}
     */
    public static function bias(array $pairs): array
    {
        $line = LeafLines::EYE_LOW['value'];
        $low = array_values(array_filter($pairs, static fn(array $pair): bool => $pair[1] < $line));
        $high = array_values(array_filter($pairs, static fn(array $pair): bool => $pair[1] >= $line));

        return [
            'low' => $low === [] ? null : Concordance::of($low)->bias,
            'high' => $high === [] ? null : Concordance::of($high)->bias,
        ];
    }

    /** @return list<int> */
    private function order(): array
    {
        $keys = [];
        foreach (LeafLines::EYE_SHARES['value'] as $n => $share) {
            $keys[$n] = self::part($this->seed * 7 + 13 * $n + 3);
        }
        asort($keys);

        return array_keys($keys);
    }

    /** A number from 0 to 1 that hangs on another in no plain way. */
    private static function part(int $number): float
    {
        return hexdec(substr(hash('crc32b', (string) $number), 0, 6)) / 0x1000000;
    }
}
