<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Reads how warm the air is. */
final class AirReader
{
    /**
     * @return float|null °C; null where nobody said
     *
     * @throws InvalidDocument when no air is so cold or so hot
     */
    public static function celsius(?Node $node): ?float
    {
        $degrees = $node?->number();
        if ($node !== null && ($degrees < InputLines::COLDEST_AIR['value'] || $degrees > InputLines::HOTTEST_AIR['value'])) {
            throw $node->fault(Say::it('ask/air-reader.expected-to-c-found', ['coldest-air' => InputLines::COLDEST_AIR['value'], 'hottest-air' => InputLines::HOTTEST_AIR['value']]));
        }

        return $degrees;
    }
}
