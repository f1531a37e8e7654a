<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Photo\Change;
use IdleMixer\Core\Photo\Measured;

/** What a photograph says of a leaf: percents of the leaf. */
final readonly class MeasuredLeafAnswer
{
    /**
     * @param array<string, float> $tissue
     * @param list<string>         $doubts
     */
    private function __construct(
        #[Shape(least: 0, most: 100)]
        public float $injured,
        #[Shape(least: 0, most: 100)]
        public float $low,
        #[Shape(least: 0, most: 100)]
        public float $high,
        public bool $lessBefore,
        #[Shape(least: 0, most: 100)]
        public array $tissue,
        public bool $unsure,
        public array $doubts,
        public int $width,
        public int $height,
        /** What was counted as what, as runs: "120x0 4x1 …"; 0 no leaf, 1 healthy, 2 yellow, 3 brown, 4 bleached, 5 wet, 6 missing, 7 left out. */
        public string $runs,
    ) {}

    public static function of(Measured $measured, Change $change, bool $lessBefore): self
    {
        $round = static fn(float $percent): float => round($percent, 1);

        return new self($round($change->injured), $round($change->low), $round($change->high), $lessBefore, array_map($round, $measured->tissue), $measured->isUnsure(), $measured->doubts, $measured->picture->width, $measured->picture->height, $measured->picture->runs());
    }
}
