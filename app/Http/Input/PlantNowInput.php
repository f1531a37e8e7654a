<?php

declare(strict_types=1);

namespace App\Http\Input;

use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Plant\Stage;

/** How a plant is now, said by one tap: `{"basedOn": 1, "dry": true}`, or `{"basedOn": 1, "stage": "bare"}`. */
final readonly class PlantNowInput
{
    /** @param array<string, string|null> $columns */
    private function __construct(public int $basedOn, public array $columns) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node, DateTimeImmutable $now): self
    {
        $sent = Sent::toChange($node, ['dry', 'stage']);
        $today = $now->format('Y-m-d');
        $dry = $sent->object->filled('dry');
        $stage = $sent->object->filled('stage');

        return new self($sent->basedOn, [
            ...$dry === null ? [] : ['dry_on' => $dry->flag() ? $today : null],
            ...$stage === null ? [] : ['stage' => Stage::from($stage->word(array_column(Stage::cases(), 'value'), 'stage'))->value, 'stage_on' => $today],
        ]);
    }
}
