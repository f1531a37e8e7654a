<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Vessel\SprayerShape;

/** The sprayer that a batch is mixed in. */
final readonly class BatchSprayerAnswer
{
    /**
     * @param list<PourAnswer> $pours
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        public string $name,
        public AmountAnswer $holds,
        public array $pours,
        /** What it is drawn as. */
        #[Shape(of: SprayerShape::class)]
        public string $shape,
    ) {}
}
