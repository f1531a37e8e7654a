<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Data\TrainerLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** A season in a made-up garden, as far as somebody has kept it. */
final readonly class SeasonInput
{
    /** Gardens that there are. */
    public const GARDENS = 1_000_000;

    /**
     * @param list<int> $rounds days, earliest first
     * @param list<int> $looks  days, earliest first
     */
    private function __construct(public int $garden, public array $rounds, public array $looks, public int $until) {}

    /** @throws InvalidDocument with the path of the first fault found */
    public static function read(Node $node): self
    {
        $object = $node->object(['garden', 'rounds', 'looks', 'until']);
        $end = TrainerLines::DAYS['value'];
        $until = $object->get('until')->whole(0, $end);

        return new self($object->get('garden')->whole(0, self::GARDENS), self::days($object->get('rounds'), min($until, TrainerLines::SPRAYED_UNTIL['value'])), self::days($object->get('looks'), $until), $until);
    }

    /** @return list<int> */
    private static function days(Node $node, int $until): array
    {
        $days = array_map(static fn(Node $one): int => $one->whole(0, $until), $node->items(0, TrainerLines::DAYS['value'] + 1, Say::it('input/season-input.days')));
        sort($days);

        return array_values(array_unique($days));
    }
}
