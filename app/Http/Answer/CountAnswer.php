<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use stdClass;

/** One count. */
final readonly class CountAnswer
{
    /**
     * @param list<float>|null   $each   spot by spot; null where only a total is known
     * @param array<string, float>|stdClass $stages how many of which stage, by slug
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        #[Shape(format: 'date-time')]
        public string $countedAt,
        public float $value,
        public bool $untreated,
        public string $notes,
        public ?array $each,
        public array|stdClass $stages,
        public ?bool $newClean,
        #[Shape(schema: ['type' => 'object', 'description' => 'Natural enemies that were seen, and how many of each, null where nobody counted them; null where nobody looked.', 'additionalProperties' => ['type' => ['integer', 'null']]])]
        public ?stdClass $helpers,
        /** The natural enemies among them, in words; empty where there were none. */
        public string $helperWords,
        #[Shape(least: 0)]
        public int $changes,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
