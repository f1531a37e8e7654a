<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What the devices at the bench say of the water. */
final readonly class DeviceAnswer
{
    public function __construct(
        public float $hardnessMgL,
        public float $celsius,
        public bool $simulated,
    ) {}
}
