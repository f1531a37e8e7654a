<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A plant. */
final readonly class PlantAnswer
{
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $kind,
        public string $tolerance,
        public string $toleranceName,
        /** What it is taken for on the bench: a kind that bears no oil, whatever its leaf. */
        public string $onBench,
        public string $place,
        public string $notes,
        public bool $bearsNoOil,
        public bool $indoors,
        public string $size,
        public ?string $bloomFrom,
        public ?string $bloomUntil,
        public ?string $harvestOn,
        public bool $soapSensitive,
        public ?string $sulfurOn,
        public ?string $copperOn,
        public ?string $oilOn,
        public string $exposure,
        public ?LightsAnswer $lights,
        public bool $inFlower,
        public ?int $pickedInDays,
        public bool $retired,
    ) {}
}
