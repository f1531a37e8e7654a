<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One count. */
final readonly class CountAnswer
{
    /**
     * @param list<float>|null   $each   spot by spot; null where only a total is known
     * @param array<string, float>|\stdClass $stages how many of which stage, by slug
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $countedAt,
        public float $value,
        public bool $untreated,
        public string $notes,
        public ?array $each,
        public array|\stdClass $stages,
        public ?bool $newClean,
        public ?bool $helpers,
        public int $changes,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
