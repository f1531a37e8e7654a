<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Leaf\WrittenLeaf;

/** How one leaf looked. */
final readonly class SeenLeafAnswer
{
    /**
     * @param list<string>    $kinds
     * @param list<SpotAnswer> $spots
     */
    public function __construct(
        public int $leaf,
        #[Shape(least: 0, most: 100)]
        public float $share,
        #[Shape(least: 0, most: 100)]
        public float $low,
        #[Shape(least: 0, most: 100)]
        public float $high,
        #[Shape(ref: 'InjuryKind')]
        public array $kinds,
        public bool $lost,
        #[Shape(words: ['eye', 'photo', 'word'])]
        public string $from,
        public array $spots,
    ) {}

    public static function of(WrittenLeaf $leaf): self
    {
        $row = $leaf->write();

        return new self($row['leaf'], $row['share'], $row['low'], $row['high'], $row['kinds'], $row['lost'], $row['from'], array_map(static fn(array $spot): SpotAnswer => new SpotAnswer($spot['x'], $spot['y'], $spot['kind']), $row['spots']));
    }
}
