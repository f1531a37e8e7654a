<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Vessel\SprayerShape;

/** A sprayer. */
final readonly class SprayerAnswer
{
    /**
     * @param list<PourAnswer> $pours
     * @param list<MarkAnswer> $marks
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        public AmountAnswer $holds,
        public string $words,
        public float $mL,
        public AmountAnswer $fill,
        public float $fillMl,
        public float $leftBehindMl,
        public array $pours,
        public array $marks,
        public bool $retired,
        /** What it is drawn as. */
        #[Shape(of: SprayerShape::class)]
        public string $shape,
        public string $shapeWords,
        /** Whether it is a bucket or a jug that a sprayer is filled from. */
        public bool $inBucket,
        /** What was in it last; empty where nothing is known. */
        public string $held,
        /** What speaks against filling it with something else; null where nothing does. */
        public ?MemoryAnswer $memory,
    ) {}
}
