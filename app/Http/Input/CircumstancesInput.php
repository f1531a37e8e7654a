<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Season;

/** The day and the plant as they are said along with a plan. */
final class CircumstancesInput
{
    private const KEYS = ['season', 'celsius', 'inFlower', 'pickedInDays', 'everyDays'];

    /** Air outside these is not the air of a garden. */
    private const COLDEST = -40.0;

    private const HOTTEST = 60.0;

    private const LONGEST_DAYS = 3660.0;

    /** @throws InvalidDocument with the path of the first fault found */
    public static function of(?Node $node): Circumstances
    {
        if ($node === null || $node->isNull()) {
            return new Circumstances();
        }
        $object = $node->object(self::KEYS);
        $season = $object->optional('season');
        $celsius = $object->optional('celsius');
        $air = $celsius?->number();
        if ($celsius !== null && ($air < self::COLDEST || $air > self::HOTTEST)) {
            throw $celsius->fault('The air of a garden is between -40 and 60 °C, found {found}.');
        }

        return new Circumstances(
            $season === null ? null : Season::from($season->word(array_column(Season::cases(), 'value'), 'season')),
            $air,
            $object->optional('inFlower')?->flag() ?? false,
            $object->optional('pickedInDays')?->countUpTo(self::LONGEST_DAYS),
            $object->optional('everyDays')?->positive(self::LONGEST_DAYS),
        );
    }

    /**
     * The same from the query of an address, where everything is text.
     *
     * @param array<array-key, mixed> $query
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public static function ofQuery(array $query): Circumstances
    {
        $given = array_intersect_key($query, array_flip(self::KEYS));
        if ($given === []) {
            return new Circumstances();
        }
        $values = array_map(static fn(mixed $value): mixed => match (true) {
            $value === 'true', $value === 'false' => $value === 'true',
            is_string($value) && is_numeric($value) => (float) $value,
            default => $value,
        }, $given);

        return self::of(new Node((object) $values, ''));
    }
}
