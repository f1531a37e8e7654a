<?php

declare(strict_types=1);

namespace App\Declared\Kept;

use App\Declared\Plain;
use App\Declared\Record;
use App\Declared\Values\Json;
use App\Declared\Values\Whole;
use App\Declared\Values\Word;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Document\HabitsNode;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\Vocabulary;
use IdleMixer\Core\Schedule\FreeDays;

/** What this household calls a cup, and how much it pours by eye. */
final class Households extends Record
{
    public function table(): string
    {
        return 'households';
    }

    public function list(): string
    {
        return 'household';
    }

    public function identity(): array
    {
        return [];
    }

    /** @return array<string, mixed> */
    private static function habits(): array
    {
        $words = HabitsNode::words();

        return ['type' => 'object', 'additionalProperties' => false, 'required' => array_keys($words), 'properties' => array_map(static fn(array $all): array => ['enum' => $all], $words)];
    }

    /** @return array<string, mixed> */
    private static function freeDays(): array
    {
        $day = ['type' => 'string', 'format' => 'date'];

        return ['type' => 'object', 'additionalProperties' => false, 'required' => ['weekdays', 'away'], 'properties' => [
            'weekdays' => ['type' => 'array', 'items' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 7]],
            'away' => ['type' => 'array', 'maxItems' => ScheduleLines::MOST_AWAY['value'], 'items' => ['type' => 'object', 'additionalProperties' => false, 'required' => ['from', 'until'], 'properties' => ['from' => $day, 'until' => $day]]],
        ]];
    }

    /** @throws InvalidDocument when they are no mL by code */
    private static function volumes(Node $node): void
    {
        $all = $node->object(Vocabulary::shipped()->byEyeCodes());
        foreach ($all->keys() as $key) {
            $all->get($key)->positive();
        }
    }

    protected function declared(): array
    {
        return [
            Plain::inside('id', self::NUMBER),
            Plain::usually('version', new Whole(1), 1),
            Plain::maybe('kitchen', Word::of(Kitchen::class, 'kitchen')),
            Plain::usually('by_eye', new Json(self::volumes(...), ['type' => 'object', 'additionalProperties' => ['type' => 'number', 'exclusiveMinimum' => 0]]), '{}'),
            Plain::maybe('writes', new Json(static function (Node $node): void {
                HabitsNode::read($node);
            }, self::habits())),
            Plain::maybe('free_days', new Json(static function (Node $node): void {
                FreeDays::read($node);
            }, self::freeDays())),
            ...self::rowTimes(),
        ];
    }
}
