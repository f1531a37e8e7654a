<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Quantity\Temperature;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Season;
use IdleMixer\Core\Words\Say;

/** Reads the day and the plant: `{"season": "growing", "everyDays": 7, "celsius": 22, "inFlower": false, "rinsed": false}`. */
final readonly class CircumstancesReader
{
    /** °C; air outside these is not the air of a garden. */
    private const COLDEST = InputLines::COLDEST_AIR['value'];

    private const HOTTEST = InputLines::HOTTEST_AIR['value'];

    private const LONGEST_DAYS = InputLines::LONGEST_DAYS['value'];

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(?Node $node, ?Node $pickedInDays): Circumstances
    {
        $picked = $pickedInDays === null || $pickedInDays->isNull() ? null : $pickedInDays->countUpTo(self::LONGEST_DAYS);
        if ($node === null) {
            return new Circumstances(pickedInDays: $picked);
        }
        $object = $node->object(['season', 'everyDays', 'celsius', 'inFlower', 'rinsed']);
        $season = $object->optional('season');

        return new Circumstances(
            $season === null ? null : Season::from($season->word(array_column(Season::cases(), 'value'), 'season')),
            self::air($object->optional('celsius')),
            $object->optional('inFlower')?->flag() ?? false,
            $picked,
            $object->optional('everyDays')?->positive(self::LONGEST_DAYS),
            $object->optional('rinsed')?->flag(),
        );
    }

    private static function air(?Node $node): ?Temperature
    {
        $celsius = $node?->number();
        if ($node !== null && ($celsius < self::COLDEST || $celsius > self::HOTTEST)) {
            throw $node->fault(Say::it('bench/circumstances-reader.air-of-garden-between-40'));
        }

        return $celsius === null ? null : Temperature::ofCelsius($celsius);
    }
}
