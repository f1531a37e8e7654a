<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Plan\Mending;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\UnitNames;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what mends a spray, short enough for a button. */
final readonly class MendingWords
{
    /** @param array<string, string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('mendings');

        return new self($words);
    }

    /** @throws MissingWords when the catalogue lacks the words */
    public function of(Mending $mending): string
    {
        $args = $mending->args;
        $unit = Unit::tryFrom((string) ($args['unit'] ?? ''));
        $pairs = ['{what}' => (string) ($args['what'] ?? ''), '{days}' => (string) ($args['days'] ?? ''), '{unit}' => (string) ($args['unit'] ?? '')];
        if (isset($args['percent'])) {
            $pairs['{percent}'] = Figures::percent((float) $args['percent']);
        }
        if (isset($args['count']) && $unit !== null) {
            $pairs['{scoop}'] = Measures::counted((int) $args['count'], (float) $args['amount'], $unit, (string) $args['name']);
        }
        if (isset($args['mL']) && $unit !== null) {
            $ml = (float) $args['mL'];
            $pairs['{volume}'] = in_array($unit, [Unit::Litre, Unit::Millilitre], true) ? Measures::metric($ml) : Figures::kitchen(Volume::ofMillilitres($ml)->in($unit)) . ' ' . UnitNames::spoken($unit);
        }

        return strtr($this->words[$mending->kind->value] ?? throw MissingWords::becauseOf($mending->kind->value), $pairs);
    }
}
