<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Where the garden lies, and whom it asks for the weather. */
final readonly class GardenAnswer
{
    public function __construct(
        public int $version,
        public float $latitude,
        public float $longitude,
        public string $zone,
        public float $roomCelsius,
        #[Shape(words: ['station', 'file'])]
        public string $source,
        /** The file of hours that was brought last. */
        public ?TellerAnswer $file,
        /** Where a calendar may ask for what is due. */
        public string $feed,
    ) {}
}
