<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** What a unit is called, from `core/words/en/units.php`. */
final class UnitNames
{
    /** @throws MissingWords when it is called nothing */
    public static function spoken(Unit $unit, bool $many = false): string
    {
        return self::of($unit, $many ? 'many' : 'one');
    }

    /**
     * As it is typed into a recipe, so that it is read as the same again.
     *
     * @throws MissingWords when it is called nothing
     */
    public static function typed(Unit $unit): string
    {
        return self::of($unit, 'typed');
    }

    private static function of(Unit $unit, string $how): string
    {
        /** @var array<string, array<string, string>> $named */
        $named = Say::words('units')['named'];

        return $named[$unit->value][$how] ?? throw MissingWords::becauseOf("units/{$unit->value}");
    }
}
